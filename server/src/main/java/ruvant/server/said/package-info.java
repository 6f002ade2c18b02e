/** What a line says, asked for by itself. */
package ruvant.server.said;
