/** Proof that it works and keeps working: speeds before against after, streaks, and what worked at intake. */
package ruvant.core.prove;
