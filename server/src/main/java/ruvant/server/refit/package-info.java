/** Coming up: the order of parts by itself, for whoever keeps the record elsewhere. */
package ruvant.server.refit;
