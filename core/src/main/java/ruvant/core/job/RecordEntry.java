package ruvant.core.job;

import java.util.UUID;
import ruvant.core.units.Check;

/** What is said about the log itself. */
public sealed interface RecordEntry extends Entry {
    @Override
    default Stop stop() {
        return Stop.INTAKE;
    }

    /**
     * A line no longer counts; it stays readable.
     *
     * @param target the line struck
     * @param reason why, 1 to {@value Check#REMARK_LENGTH} characters
     */
    record Struck(UUID target, String reason) implements RecordEntry {
        public Struck {
            Check.chosen("target", target);
            reason = Check.remark("reason", reason);
        }
    }

    /**
     * The line counts again.
     *
     * @param target the line that had been struck
     */
    record StrikeUndone(UUID target) implements RecordEntry {
        public StrikeUndone {
            Check.chosen("target", target);
        }
    }
}
