/** Which adjuster to turn, which way and how far: responses learned from trials, and the next turn they suggest. */
package ruvant.core.adjust;
