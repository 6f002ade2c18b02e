/** Cameras to be adjusted, with what is true of them known: the advisor is tried on them, and by hand for comparison. */
package ruvant.core.practice.adjust;
