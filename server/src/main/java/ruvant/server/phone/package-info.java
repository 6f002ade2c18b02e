/** A phone beside the bench: paired by a code on the screen, it takes pictures and logs for the camera that is open there. */
package ruvant.server.phone;
