/** The stand while it listens: samples in as they come, firings out as soon as they have ended. */
package ruvant.core.measure.live;
