/** Where Ruvant listens besides this machine's own loopback, under which names, and with which certificate. */
package ruvant.server.network;
