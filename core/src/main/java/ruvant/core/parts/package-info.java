/** Parts that are needed, and what took their place. */
package ruvant.core.parts;
