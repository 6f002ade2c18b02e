package ruvant.server.people;

import java.util.Optional;
import ruvant.core.units.TagNumber;

/** Which camera is worked on at a bench. */
public interface BenchFocus {
    /** The job that is open there; empty where none is. */
    Optional<TagNumber> jobAt(String bench);
}
