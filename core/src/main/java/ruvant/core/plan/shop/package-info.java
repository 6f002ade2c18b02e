/** From the shop to a case of the plan: whose hours are when, in minutes that really pass. */
package ruvant.core.plan.shop;
