/**
 * What the shop has: stock, cameras kept for their parts, and what is on order. A log of its own, read into one picture
 * the way a job's log is.
 */
package ruvant.core.shelf;
