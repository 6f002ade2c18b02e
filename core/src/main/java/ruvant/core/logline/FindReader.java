package ruvant.core.logline;

import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import ruvant.core.job.Entry;
import ruvant.core.job.FindEntry;
import ruvant.core.job.StripEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.strip.ValleyPart;

/** Reads what was found, and the way from suspects to a cause. */
final class FindReader {
    private final JobPicture picture;

    FindReader(JobPicture picture) {
        this.picture = picture;
    }

    Reading suspect(String what, String why) {
        return two("Suspect: ", what, why, FindEntry.SuspectRaised::new, false);
    }

    Reading clear(String written, String look) {
        return two("Cleared: ", openSuspect(written), look, FindEntry.SuspectCleared::new, true);
    }

    Reading cause(String written, String look) {
        return two("Cause: ", openSuspect(written), look, FindEntry.CauseConfirmed::new, true);
    }

    Reading foundOrFoundAgain(String text, String rest) {
        for (ValleyPart part : picture.valley().out()) {
            for (ValleyPart.Piece piece : part.lost()) {
                if (rest.toLowerCase(Locale.ROOT).contains(piece.what().toLowerCase(Locale.ROOT))) {
                    return Replies.logged(
                            "Found again: " + piece.what(),
                            new StripEntry.FoundAgain(part.name(), piece.what(), piece.count()));
                }
            }
        }
        String what = text.replaceFirst("(?i)^\\S+\\s*", "");
        return what.isEmpty()
                ? Replies.asking("What was found?", List.of())
                : Replies.logged("Found: " + what, new FindEntry.Found(what));
    }

    private Reading two(String lead, String what, String more, BiFunction<String, String, Entry> make, boolean needed) {
        if (what.isEmpty() || (needed && more.isEmpty())) {
            List<String> open =
                    picture.find().suspects().stream().map(one -> one.name()).toList();
            return Replies.asking(
                    what.isEmpty() ? "Which suspect?" : "By what look? Write it after a comma.",
                    what.isEmpty() ? open : List.of());
        }
        return Replies.logged(lead + what + (more.isEmpty() ? "" : ", " + more), make.apply(what, more));
    }

    private String openSuspect(String written) {
        return picture.find().suspects().stream()
                .map(one -> one.name())
                .filter(name ->
                        !written.isEmpty() && name.toLowerCase(Locale.ROOT).contains(written.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElse(written);
    }
}
