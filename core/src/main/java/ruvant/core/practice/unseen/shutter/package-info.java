/**
 * Faulty shutters that the ranking of causes was not written beside: curtains and rings move by forces, and nothing is shared with
 * what is believed of them. Odd seeds are set aside.
 */
package ruvant.core.practice.unseen.shutter;
