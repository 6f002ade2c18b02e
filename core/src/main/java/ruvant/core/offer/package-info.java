/** What can be done about a camera and what each of it would cost, and what its owner was asked and has agreed to. */
package ruvant.core.offer;
