/** Customers of the shop: where they are to be reached, and taking them out of the books again. */
package ruvant.core.customers;
