package ruvant.server.record;

import ruvant.core.log.Entry;

/** Something that belongs into lines, is not shown to everybody who logs them, and is known here. */
public interface Unshown {
    /** The entry with what whoever logs it now was not shown; as it is where they were shown all of it. */
    Entry added(Entry entry);
}
