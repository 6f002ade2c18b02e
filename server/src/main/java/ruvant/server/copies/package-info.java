/** Backups of a shop, made while it works, checked by opening them, and put back. */
package ruvant.server.copies;
