/** Tables as text, in and out. */
package ruvant.server.csv;
