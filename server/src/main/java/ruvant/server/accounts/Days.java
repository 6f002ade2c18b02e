package ruvant.server.accounts;

import java.time.LocalDate;
import ruvant.core.units.MayBeNull;

/**
 * Some days, both ends in them.
 *
 * @param from null for as early as there is
 * @param to null for as late as there is
 */
record Days(@MayBeNull LocalDate from, @MayBeNull LocalDate to) {
    boolean hold(LocalDate day) {
        return (from == null || !day.isBefore(from)) && (to == null || !day.isAfter(to));
    }
}
