/** Going down: what is off, what lay over what, where its pieces are, and which of them look alike. */
package ruvant.core.strip;
