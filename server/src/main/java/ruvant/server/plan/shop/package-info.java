/** The plan of the shop, kept up to date while it works. */
package ruvant.server.plan.shop;
