package ruvant.server.record;

import java.time.Instant;
import java.util.UUID;
import ruvant.core.job.Entry;
import ruvant.core.units.MayBeNull;

/**
 * A line as it comes in.
 *
 * @param id made where it was typed
 * @param before the line that it happened before
 * @param saidAt when it was typed, if that is a while ago because the server was away
 */
public record NewLine(
        UUID id, @MayBeNull UUID before, @MayBeNull Instant saidAt, Entry entry) {}
