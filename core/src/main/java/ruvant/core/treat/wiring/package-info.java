/** Electric circuits of a camera: what a multimeter reads at their points, and what a reading says. */
package ruvant.core.treat.wiring;
