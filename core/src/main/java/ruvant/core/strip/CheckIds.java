package ruvant.core.strip;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.trade.CheckMoment;
import ruvant.core.units.Named;

/**
 * What checks are told by. Their words may be changed at any time; these ids may not, and neither may the patterns beside
 * them: checks were once told by their words, and logs from then are read by these.
 */
public final class CheckIds {
    private static final Map<Pattern, String> BY_FIRST_WORDS = new LinkedHashMap<>();

    static {
        words("\\d+ × (.+) in place", "loose");
        words("Ball in its seat", "ball");
        words("Mark matched: .*", "mark");
        words("Stack (?:of .* )?in order(?:, innermost first)?: .*", "stack");
        words("Mechanism as it was: .*", "state");
        words("Set as it was: .*", "setting");
        words("Spring hooked and free to move", "spring");
        words("Soldered again(?:: (.*))?", "solder");
        words("Left-hand thread: started the other way round", "leftHand");
        words("Aluminium thread: started by finger, snug only", "aluminium");
        words("Nothing trapped under it: levers free, no wire pinched", "trapped");
        words("All \\d+ started before any is tight", "startAll");
        words("Trays looked at: no piece lies there but its own", "traysEmpty");
        words("Trays checked: nothing in them but its own pieces", "traysEmpty");
        words("What worked at intake tried again,? while it can be reached", "triedAgain");
        words("Cleaned, but (?:no point of it is|not) oiled: (.*)", "unoiled");
        words("Not oiled since it was cleaned: (.*)", "notOiled");
        words("Wound again, or meant to stay (?:let )?down: (.*)", "wound");
    }

    private CheckIds() {}

    private static void words(String pattern, String id) {
        BY_FIRST_WORDS.put(Pattern.compile(pattern), id);
    }

    /**
     * When a check that follows from how a part came off is made. What lies under a part is looked at before it covers
     * that; how the part itself sits can be seen only once it is on, and how tight it is only at the end.
     */
    static CheckWhen usually(Named check) {
        return switch (check.id().replaceFirst("/.*", "")) {
            case "mark", "spring", "solder", "trapped", "startAll" -> CheckWhen.at(CheckMoment.ON);
            case "aluminium" -> CheckWhen.at(CheckMoment.TIGHT);
            default -> CheckWhen.BEFORE;
        };
    }

    /** A check of a kind of which there is one at a part. */
    public static Named of(String kind, String words) {
        return new Named(kind, words);
    }

    /** A check of a kind of which there may be several at a part, each about a thing of its own. */
    public static Named of(String kind, String about, String words) {
        return new Named(about.isEmpty() ? kind : kind + "/" + Named.idOf(about), words);
    }

    /** A check as it was told by its words alone: one of those that follow from a part, or one of somebody's own. */
    public static Named known(Named said) {
        if (!said.is(Named.idOf(said.words()))) {
            return said;
        }
        for (Map.Entry<Pattern, String> one : BY_FIRST_WORDS.entrySet()) {
            Matcher matcher = one.getKey().matcher(said.words());
            if (matcher.matches()) {
                String about = matcher.groupCount() == 0 || matcher.group(1) == null ? "" : matcher.group(1);
                return of(one.getValue(), about, said.words());
            }
        }
        return said;
    }
}
