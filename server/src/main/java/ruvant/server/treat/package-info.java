/** Waits of the whole shop over HTTP. */
package ruvant.server.treat;
