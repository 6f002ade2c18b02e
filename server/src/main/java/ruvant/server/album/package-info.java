/** Pictures, kept under the fingerprint of what is in them, so that the same picture is kept once. */
package ruvant.server.album;
