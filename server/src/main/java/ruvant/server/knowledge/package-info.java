/** What earlier jobs taught, for the camera at hand and to read by model. */
package ruvant.server.knowledge;
