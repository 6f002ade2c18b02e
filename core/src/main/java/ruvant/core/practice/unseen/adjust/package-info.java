/**
 * Cameras to adjust that the advice was not written beside: units, strengths, play and bends are drawn wide, and nothing is shared
 * with what is believed of them. Odd seeds are set aside.
 */
package ruvant.core.practice.unseen.adjust;
