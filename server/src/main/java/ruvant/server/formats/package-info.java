/** What is said of the open formats that other programs send. */
package ruvant.server.formats;
