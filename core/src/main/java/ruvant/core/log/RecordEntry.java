package ruvant.core.log;

import java.util.UUID;
import ruvant.core.units.Check;

/** What is said about the log itself; every log takes it. */
public sealed interface RecordEntry extends Entry {
    /**
     * A line no longer counts; it stays readable.
     *
     * @param target the line struck
     * @param reason why, up to {@value Check#REMARK_LENGTH} characters; may be empty
     */
    record Struck(UUID target, String reason) implements RecordEntry {
        public Struck {
            Check.chosen("target", target);
            reason = Check.optionalRemark("reason", reason);
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

    /** The entry in words. */
    default String words() {
        return switch (this) {
            case Struck struck -> "struck out a line" + (struck.reason().isEmpty() ? "" : ": " + struck.reason());
            case StrikeUndone undone -> "restored a line";
        };
    }
}
