/** The shop's hours as minutes that really pass. */
package ruvant.core.plan.shop;
