package ruvant.core.logline;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ruvant.core.album.AlbumEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.WellName;

/** Reads where things lie now, what had better be left lying, and which pictures were taken of them. */
final class LyingReader {
    private static final Pattern MOVED = Pattern.compile("(?i)(.*)(?:\\b(?:to|into|in)\\b|->|→) *(.+)");

    private final KnownParts parts;

    LyingReader(KnownParts parts) {
        this.parts = parts;
    }

    /** "move ring to B3", "moved plate, into B1 B2", "move ring to the drawer" is asked about. */
    Reading move(String rest, String tail) {
        Matcher matcher = MOVED.matcher(Replies.said(rest, tail));
        if (!matcher.matches()) {
            return Replies.asking("Where to? For example, “move top cover to B4”.", parts.partNames(rest, true));
        }
        String written = matcher.group(1).replaceFirst("[, ]+$", "");
        Optional<ValleyPart> part = parts.partOut(written);
        if (part.isEmpty()) {
            return Replies.asking(
                    written.isEmpty() ? "What was moved?" : "Which part is “" + written + "”?",
                    parts.partNames(written, true));
        }
        Optional<List<WellName>> wells = WellWords.read(matcher.group(2));
        if (wells.isEmpty()) {
            return Replies.asking(
                    "“" + matcher.group(2) + "” is not a well. Wells look like B3; in the second tray like 2B3.",
                    List.of());
        }
        return Replies.logged(
                part.get().name() + " is in "
                        + wells.get().stream().map(WellName::toString).collect(Collectors.joining(" ")) + " now",
                new StripEntry.Moved(part.get().name(), wells.get()));
    }

    /** "leave alone two screws at the shaft, they hold the train". */
    Reading alone(String rest, String tail) {
        String[] halves = rest.replaceFirst("(?i)^alone:? *", "").split("(?i),? because ", 2);
        String why = halves.length > 1 ? Replies.said(halves[1], tail) : tail.replaceFirst("(?i)^because ", "");
        return halves[0].isBlank()
                ? Replies.asking(
                        "Leave what alone? For example, “leave alone the two screws at the shaft, they hold the train”.",
                        List.of())
                : Replies.logged(
                        "Leave alone: " + Replies.said(halves[0].strip(), why),
                        new StripEntry.LeaveAlone(halves[0].strip(), why));
    }

    /** "picture wires under the front plate": taken with another device, to be added here. */
    Reading picture(String rest, String tail) {
        String shows = Replies.said(rest.replaceFirst("(?i)^(taken )?of ", ""), tail);
        if (shows.isEmpty()) {
            return Replies.asking("What does the picture show?", parts.partNames("", true));
        }
        return Replies.logged(
                "Picture to add: " + shows,
                new AlbumEntry.PictureToCome(shows, parts.knownIn(shows).orElse(null)));
    }
}
