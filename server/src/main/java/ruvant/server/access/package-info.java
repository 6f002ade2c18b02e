/** Who is asking, and what they may do: every route says what it needs, and every line is signed by who is signed in. */
package ruvant.server.access;
