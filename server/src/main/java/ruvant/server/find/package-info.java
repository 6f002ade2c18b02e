/** The search for the fault over HTTP. */
package ruvant.server.find;
