/** Recordings of the shutter stand: the plain door that measures a file, the live stand, and what is kept of runs. */
package ruvant.server.measure;
