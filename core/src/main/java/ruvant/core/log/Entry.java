package ruvant.core.log;

/**
 * One thing said in a log. Entries are values: who said it and when belongs to the {@link Line} that carries it. Each room
 * has one sealed family of them and answers the same questions about each; see {@link Room}.
 */
public interface Entry {}
