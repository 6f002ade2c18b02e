/** Customers: found, shown with their cameras and what they owe, exported and blanked. */
package ruvant.server.customers;
