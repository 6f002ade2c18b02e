/** What goes on at a camera whatever the stop: sitting down and getting up, decisions, notes, slips and tools. */
package ruvant.core.sitting;
