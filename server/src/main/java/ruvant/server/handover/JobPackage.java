package ruvant.server.handover;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;

/**
 * A job as it travels: {@code job.json} of a package.
 *
 * @param format always "ruvant-job"
 * @param version of the format
 * @param missing names of pictures that were not there any more when it was written; null for none
 */
record JobPackage(
        String format,
        int version,
        TagNumber tag,
        String camera,
        List<PackedLine> lines,
        @MayBeNull List<String> missing) {
    static final String FORMAT = "ruvant-job";
    static final int VERSION = 1;
    static final String PICTURES = "pictures/";
    static final String RECORDINGS = "recordings/";

    /** More than a job of years has; a longer one would hold up everybody who writes. */
    static final int MOST_LINES = 20_000;

    /** Bytes; a longer recording stays behind. */
    static final long LONGEST_RECORDING = 48L * 1024 * 1024;

    static final long RECORDINGS_IN_ALL = 200L * 1024 * 1024;

    /** One line of the log. */
    record PackedLine(
            UUID id,
            long sequence,
            Instant at,
            String by,
            @MayBeNull UUID before,
            Entry entry) {}
}
