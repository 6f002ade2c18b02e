/** A whole shop as one file: written, opened, looked at and put back. */
package ruvant.server.storage.copy;
