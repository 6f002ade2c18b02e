/** Paper tags and labels for the wells of a tray, with codes that any scanner reads. */
package ruvant.server.labels;
