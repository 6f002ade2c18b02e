/** The plan as calendar files, and holidays out of them. */
package ruvant.server.plan.calendar;
