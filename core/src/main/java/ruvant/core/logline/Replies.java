package ruvant.core.logline;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ruvant.core.job.JobEntry;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;

/** The two ways to answer a line: this is what it says, or this is still to be said. */
final class Replies {
    private Replies() {}

    static Reading logged(String chip, JobEntry entry) {
        return new Reading(List.of(new Chip(Kind.ACTION, chip)), List.of(entry), Optional.empty(), List.of());
    }

    static Reading asking(String question, List<String> completions) {
        return new Reading(List.of(), List.of(), Optional.of(question), completions);
    }

    static Reading one(String lead, String what, Function<String, JobEntry> make) {
        return what.isEmpty() ? asking("Which?", List.of()) : logged(lead + what, make.apply(what));
    }

    static String said(String rest, String tail) {
        return tail.isEmpty() ? rest : rest.isEmpty() ? tail : rest + ", " + tail;
    }
}
