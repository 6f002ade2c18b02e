package ruvant.core.logline;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.measure.GuessedError;
import ruvant.core.measure.TypedTimes;
import ruvant.core.picture.JobPicture;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.Phase;

/** Reads speeds that were timed, or judged by ear. Before the work while nothing is off, after it from then on. */
final class SpeedReader {
    private static final Pattern SAID =
            Pattern.compile("(?i)(?:(before|after) )?(\\S+?):?(?: (before|after):?)? +(.+)");

    private final JobPicture picture;

    SpeedReader(JobPicture picture) {
        this.picture = picture;
    }

    /** "time 1/60: 1/58 1/61". */
    Reading timed(String said) {
        Matcher matcher = SAID.matcher(said);
        if (!matcher.matches()) {
            return Replies.asking(
                    "Which speed, and how long? Say, for example, “time 1/60 1/58 1/61 17ms”.", List.of());
        }
        List<Double> seconds = TypedTimes.seconds(matcher.group(4));
        return Replies.logged(
                matcher.group(2) + ", " + phase(matcher).label() + ": " + seconds.size() + " timed",
                new ProveEntry.FiringsTimed(matcher.group(2), phase(matcher), Attitude.LEVEL, "", seconds, false));
    }

    /** "ear 1/15: a third of a stop slow". */
    Reading guessed(String said) {
        Matcher matcher = SAID.matcher(said);
        if (!matcher.matches()) {
            return Replies.asking(
                    "Which speed, and how does it sound? Say, for example, “ear 1/15 a third of a stop slow”.",
                    List.of());
        }
        String words = matcher.group(4).strip();
        return Replies.logged(
                matcher.group(2) + ", " + phase(matcher).label() + ", by ear: " + words,
                new ProveEntry.SpeedGuessed(matcher.group(2), phase(matcher), words, GuessedError.ev(words)));
    }

    private Phase phase(Matcher matcher) {
        String when = matcher.group(1) != null ? matcher.group(1) : matcher.group(3);
        boolean before = when == null ? picture.valley().parts().isEmpty() : when.equalsIgnoreCase("before");
        return before ? Phase.BEFORE : Phase.AFTER;
    }
}
