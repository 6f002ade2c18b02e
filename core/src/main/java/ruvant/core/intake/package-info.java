/** What came in: the camera, its owner, its outside, what worked, and what is to be done. */
package ruvant.core.intake;
