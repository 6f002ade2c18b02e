/** Sums, taxes and rounding in whole minor units, and what work and parts are charged at. */
package ruvant.core.money;
