/** Papers with numbers, payments, and what the accountant gets. */
package ruvant.server.accounts;
