package ruvant.core.logline;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.trade.Hazard;

/** Reads what to beware of. */
final class HazardReader {
    private static final Set<String> HAZARD_WORDS = Set.of("the", "a", "thread", "cell", "curtain", "cam", "of");
    private static final Pattern BEWARE = Pattern.compile("(?:beware|careful|mind|watch|hazard)(?: of| the|:)* (.+)");

    private final Nouns nouns;

    HazardReader(Nouns nouns) {
        this.nouns = nouns;
    }

    /** A hazard, and whether more was said than its name. */
    record Read(Hazard hazard, boolean saysMore) {}

    Optional<Read> read(String text) {
        Matcher beware = BEWARE.matcher(text);
        if (!beware.matches()) {
            return Optional.empty();
        }
        String[] words = beware.group(1).replace("left hand", "left-hand").split(" +");
        return Arrays.stream(words)
                .map(word -> word.replaceFirst("(spring|ball)s$", "$1"))
                .flatMap(word -> Nouns.near(word, nouns.hazards()).stream())
                .findFirst()
                .map(hazard -> new Read(hazard, saysMore(words, hazard)));
    }

    private static boolean saysMore(String[] words, Hazard hazard) {
        return Arrays.stream(words)
                .map(word -> word.replaceFirst("s$", ""))
                .anyMatch(word -> !hazard.label().contains(word) && !HAZARD_WORDS.contains(word));
    }
}
