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
 */
record JobPackage(String format, int version, TagNumber tag, String camera, List<PackedLine> lines) {
    static final String FORMAT = "ruvant-job";
    static final int VERSION = 1;
    static final String PICTURES = "pictures/";
    static final String RECORDINGS = "recordings/";

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
