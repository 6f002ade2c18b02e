/**
 * The body of record: a job is an append-only log of typed entries, and all else about it is computed by folding the
 * log. One sealed sub-interface of {@link ruvant.core.job.Entry} per room of the work.
 */
package ruvant.core.job;
