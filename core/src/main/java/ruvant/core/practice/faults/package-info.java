/** Cameras with hidden faults, to try the search for them on: what they show strays from what is known of faults. */
package ruvant.core.practice.faults;
