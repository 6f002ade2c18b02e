package ruvant.core.job;

import ruvant.core.log.Room;

/**
 * The answers of one room of the work about its entries.
 *
 * @param <E> the room's sealed family of entries
 */
public interface JobRoom<E extends JobEntry> extends Room<E> {}
