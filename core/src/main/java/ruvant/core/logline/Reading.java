package ruvant.core.logline;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.job.JobEntry;
import ruvant.core.said.StatementKind;
import ruvant.core.said.taught.TaughtWord;

/**
 * How a line was understood.
 *
 * @param chips its pieces as understood, in order
 * @param question what would have to be known to read more of it; it is kept as a remark all the same
 * @param completions words that could stand where the cursor is, best first
 * @param teaches words that are learned where this is logged
 */
public record Reading(List<Chip> chips, Optional<String> question, List<String> completions, List<TaughtWord> teaches) {
    public Reading {
        chips = List.copyOf(chips);
        completions = List.copyOf(completions);
        teaches = List.copyOf(teaches);
    }

    /** What Enter would log; nothing while something holds it. */
    public List<JobEntry> entries() {
        boolean held = chips.stream()
                .anyMatch(chip -> chip.trouble().filter(Trouble::holds).isPresent());
        return held
                ? List.of()
                : chips.stream().flatMap(chip -> chip.entries().stream()).toList();
    }

    /**
     * One piece of the line as understood.
     *
     * @param typed the words of the line that it was taken from
     * @param kind what it says; a remark where nothing is concluded
     * @param label what the kind is called
     * @param says how the record will say it
     * @param fields what is known of it, by name
     * @param entries what would be logged
     * @param trouble why it cannot be logged as that kind; empty where it can
     * @param ways what it could be, the likeliest first, what it is taken for among them
     * @param chosen which of them it is taken for, from 0
     */
    public record Chip(
            String typed,
            StatementKind kind,
            String label,
            String says,
            Map<String, Object> fields,
            List<JobEntry> entries,
            Optional<Trouble> trouble,
            List<LineWay> ways,
            int chosen) {
        public Chip {
            entries = List.copyOf(entries);
            ways = List.copyOf(ways);
        }
    }

    /** What a piece can be taken for. */
    public record LineWay(StatementKind kind, String label, Map<String, Object> fields) {}

    /**
     * Why a piece cannot be logged as what it says.
     *
     * @param message what is wrong
     * @param remedy what to do; may be empty
     * @param holds whether the line waits for it; else the piece is kept as a remark
     */
    public record Trouble(String message, String remedy, boolean holds) {}
}
