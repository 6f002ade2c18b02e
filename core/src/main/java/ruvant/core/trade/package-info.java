/** The words of the trade as values, shared by all rooms: cameras, sides, fasteners, states, verdicts. */
package ruvant.core.trade;
