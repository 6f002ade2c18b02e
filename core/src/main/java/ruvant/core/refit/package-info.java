/** Coming up: what may go back now, and for everything else the first thing that stands against it. */
package ruvant.core.refit;
