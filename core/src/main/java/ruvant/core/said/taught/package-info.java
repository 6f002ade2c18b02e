/** Words that the people of a shop taught by correcting how a line was understood. */
package ruvant.core.said.taught;
