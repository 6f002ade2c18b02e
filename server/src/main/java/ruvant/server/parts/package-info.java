/** The shelf over HTTP: stock, donors, orders, what interchanges, and which need gets what. */
package ruvant.server.parts;
