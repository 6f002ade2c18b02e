/**
 * From a recording to exposures: firings found, the input's coupling undone, edges timed, each with its uncertainty. A
 * long recording is read twice, once in coarse blocks to find the firings and once around each of them.
 */
package ruvant.core.measure.trace;
