package ruvant.server.health;

import java.time.Instant;

/**
 * Something that was found damaged.
 *
 * @param log the log concerned; empty where it is the whole file
 * @param what it is, as a sentence
 * @param remedy what to do about it
 */
public record DamageFound(long id, Instant foundAt, String log, String what, String remedy) {}
