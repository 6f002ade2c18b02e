/** Inputs that are nearly right: made from whole ones by somebody who knows how they are built, the same from the same seed. */
package ruvant.server.benchmark.fuzz;
