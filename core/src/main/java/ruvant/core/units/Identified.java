package ruvant.core.units;

/** An entry of a table or list that is told apart by its id: entries refer to it so, whatever it is called. */
public interface Identified {
    /** Its id, which stays the same when its words are changed. */
    String id();
}
