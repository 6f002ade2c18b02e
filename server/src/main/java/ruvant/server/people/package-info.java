/** Accounts, benches that are trusted, and sessions: who is signed in, how, and for how long. */
package ruvant.server.people;
