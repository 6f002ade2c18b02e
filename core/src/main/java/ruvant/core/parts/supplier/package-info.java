/** Where parts can be bought: a small stand-in supplier with a catalogue, delivery days, and now and then a wrong part. */
package ruvant.core.parts.supplier;
