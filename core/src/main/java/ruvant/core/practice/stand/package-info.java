/** A simulated shutter stand: lamp, shutter, diodes and input, each with the faults that real ones have. */
package ruvant.core.practice.stand;
