package ruvant.core.logline;

import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.find.FindEntry;
import ruvant.core.find.FindPicture;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.Named;

/** Reads what was found, and the way from suspects to a cause. */
final class FindReader {
    private static final Pattern SWAP = Pattern.compile("(?i)(?:test )?(.+?) (?:from|of|with one of) (.+)");

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

    /** "swap light cell from donor 12, no change" or "…, changed: reads right". */
    Reading swap(String written, String tail) {
        Matcher said = SWAP.matcher(written);
        if (!said.matches() || tail.isEmpty()) {
            return Replies.asking(
                    "Say, for example, “swap light cell from donor 12, no change”, or “…, changed: reads right”.",
                    List.of());
        }
        boolean changed = !tail.toLowerCase(Locale.ROOT).matches("(no change|nothing|same|as before)\\b.*");
        String part = said.group(1);
        String suspect = openSuspect(part);
        String seen = tail.replaceFirst("(?i)^(it )?changed[:,]? *", "");
        return Replies.logged(
                "Swap test: " + part + " from " + said.group(2) + (changed ? ", it changed" : ", clears " + suspect),
                new FindEntry.SwapTried(suspect, part, said.group(2), changed, changed ? seen : ""));
    }

    /** "root dropped on its door": what brought the last confirmed cause about. */
    Reading root(String root) {
        List<FindPicture.Said> causes = picture.find().causes();
        if (causes.isEmpty() || root.isEmpty()) {
            return Replies.asking(
                    causes.isEmpty() ? "Confirm the cause first: “cause …, evidence”." : "What is the root cause?",
                    List.of());
        }
        Named cause = causes.getLast().what();
        return Replies.logged("Root cause of " + cause + ": " + root, new FindEntry.RootNamed(cause, root));
    }

    Reading foundOrFoundAgain(String text, String rest) {
        for (ValleyPart part : picture.valley().out()) {
            for (ValleyPart.Piece piece : part.gone().lost()) {
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

    private Reading two(
            String lead, String what, String more, BiFunction<String, String, JobEntry> make, boolean needed) {
        if (what.isEmpty() || (needed && more.isEmpty())) {
            List<String> open =
                    picture.find().suspects().stream().map(one -> one.name()).toList();
            return Replies.asking(
                    what.isEmpty() ? "Which suspect?" : "Which look? Type it after a comma.",
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
