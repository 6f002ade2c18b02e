/**
 * A job's log: what its entries have in common, what they may do beyond their own room, and how a job stands when one is
 * judged. The rooms of the work are above this; each has its own sealed family of entries.
 */
package ruvant.core.job;
