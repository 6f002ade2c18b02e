/** The next turn of an adjuster over HTTP. */
package ruvant.server.adjust;
