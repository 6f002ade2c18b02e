/** Pages on paper: markup becomes PDF, with fonts that ship with Ruvant. */
package ruvant.server.printing;
