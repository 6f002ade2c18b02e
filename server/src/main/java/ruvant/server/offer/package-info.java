/** Options of a camera with what they come to, and what is sent to its owner. */
package ruvant.server.offer;
