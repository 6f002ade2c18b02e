/** The fault: what is seen, who is suspected, what cleared whom, and what it was. */
package ruvant.core.find;
