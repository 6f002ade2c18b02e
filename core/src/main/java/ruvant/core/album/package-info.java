/** Pictures of the work with their pins: what lay where, and which screw came from which hole. */
package ruvant.core.album;
