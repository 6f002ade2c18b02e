/** Earlier stays of the same camera. */
package ruvant.server.warranty;
