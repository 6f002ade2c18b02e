/** How long work takes in this shop, from what it took. */
package ruvant.core.plan.minutes;
