/** The plan of the shop: its jobs, hands and stations laid over the coming days, with the reason of each answer. */
package ruvant.core.plan.board;
