package ruvant.core.log;

import java.util.UUID;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

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

    /**
     * The line says something else from now on, in its old place; what it said before stays readable.
     *
     * @param target the line changed
     * @param entry what it says now, of the same kind
     * @param reason why, up to {@value Check#REMARK_LENGTH} characters; may be empty
     */
    record Amended(UUID target, Entry entry, String reason) implements RecordEntry {
        public Amended {
            Check.chosen("target", target);
            Check.chosen("entry", entry);
            if (entry instanceof RecordEntry) {
                throw new FieldProblem(
                        "entry",
                        "A line about the record cannot stand in place of another.",
                        "Change the line itself.");
            }
            reason = Check.optionalRemark("reason", reason);
        }
    }

    /**
     * A line that was logged and cannot be read any more. Nobody logs it: it stands in the place of what is damaged, or of what a
     * newer Ruvant wrote.
     *
     * @param why what is wrong with it, as a sentence
     * @param kept what is left of it, as it stands in the file
     */
    record Unreadable(String why, String kept) implements RecordEntry {}

    /** The entry in words. */
    default String words() {
        return switch (this) {
            case Struck struck -> "struck out a line" + (struck.reason().isEmpty() ? "" : ": " + struck.reason());
            case StrikeUndone undone -> "restored a line";
            case Unreadable damaged -> "a line that cannot be read: " + damaged.why();
            case Amended amended -> "changed a line" + (amended.reason().isEmpty() ? "" : ": " + amended.reason());
        };
    }
}
