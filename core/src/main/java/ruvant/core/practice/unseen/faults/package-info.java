/**
 * Cameras with faults that the search was not written beside: how common faults are, how they show, what owners say and what looks
 * take strays widely from what is known. Odd seeds are set aside.
 */
package ruvant.core.practice.unseen.faults;
