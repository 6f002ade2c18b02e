/** Quotes, orders, bills, receipts and credit notes under their numbers, and what was paid; in a log of their own. */
package ruvant.core.accounts;
