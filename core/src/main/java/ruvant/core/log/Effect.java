package ruvant.core.log;

/**
 * What an entry does beyond its own room. The room that the entry belongs to names its effects; whoever cares about one
 * listens for it, and no list of kinds is kept anywhere else.
 */
public interface Effect {}
