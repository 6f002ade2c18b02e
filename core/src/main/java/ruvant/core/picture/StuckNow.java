package ruvant.core.picture;

import java.util.Optional;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.StripNotes;
import ruvant.core.trade.TradeLists;

/**
 * A stuck fastener and what to try on it.
 *
 * @param next one step further than what was tried; empty once it is free, and at the end of the ladder
 */
public record StuckNow(StripNotes.Stuck what, Optional<TradeLists.Rung> next) {
    static StuckNow of(StripNotes.Stuck stuck, TradeLists lists) {
        return new StuckNow(
                stuck,
                stuck.freed()
                        ? Optional.empty()
                        : lists.rungAfter(
                                stuck.fastener(),
                                stuck.tries().stream()
                                        .map(StripEntry.StuckTried::rung)
                                        .toList()));
    }
}
