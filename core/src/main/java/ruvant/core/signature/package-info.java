/** What the speeds of a shutter say about its mechanism: causes ranked by how well they explain what was fired. */
package ruvant.core.signature;
