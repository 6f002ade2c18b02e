/** Recordings of a shutter's light or sound: samples read out of WAV and CSV, block by block. */
package ruvant.core.measure.recording;
