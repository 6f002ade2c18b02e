/** What reaches the owner of a camera: the words, and the outbox that stands in for a mail server. */
package ruvant.server.owner;
