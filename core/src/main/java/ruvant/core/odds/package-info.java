/** What the options of a camera come to: cost, date, worth, chances; and how good such estimates were in this shop. */
package ruvant.core.odds;
