package ruvant.server.house;

import java.time.Instant;
import java.util.List;
import ruvant.core.log.Entry;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.Rooms;
import ruvant.core.log.Standing;
import ruvant.server.record.Events;
import ruvant.server.record.LogKind;

/**
 * A log of the shop itself, whose rules look at nothing beyond it.
 *
 * @param changed told when it went on
 */
record ShopLog(Rooms rooms, Events events, Runnable changed) implements LogKind<Entry> {
    @Override
    public Kernel kernel(LogName log, Instant now) {
        return new Kernel(rooms, folding -> Standing.NONE);
    }

    @Override
    public void project(Log<Entry> after, Folds folds, List<Line> added) {
        // nothing is kept beside these logs: they are read whole
    }

    @Override
    public void tell(Log<Entry> after, Folds folds, List<Line> added) {
        changed.run();
        events.changed(after.name(), after.lastSequence());
    }
}
