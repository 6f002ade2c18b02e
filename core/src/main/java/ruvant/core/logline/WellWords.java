package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.units.WellName;

/** Reads which wells are meant: {@code B3}, {@code wells B1 and B2}, {@code 2B3}, {@code tray 2 B3 B4}. */
final class WellWords {
    // rows of a tray end at L, which keeps "4m2", four of thread 2, from being a well
    private static final Pattern WELLS = Pattern.compile(
            "(?:in |wells? |in wells? )?(?:tray ([1-9]),? (?:wells? )?)?((?:WELL)(?:(?:\\s*\\+\\s*|\\s+and\\s+|\\s+)WELL)*)"
                    .replace("WELL", "(?:[1-9][a-l]|[a-z])[1-9][0-9]?"));

    private WellWords() {}

    /** The wells, when the words say nothing else. */
    static Optional<List<WellName>> read(String words) {
        Matcher matcher = WELLS.matcher(words.strip().toLowerCase(Locale.ROOT));
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String tray = matcher.group(1) == null ? "" : matcher.group(1);
        List<WellName> wells = new ArrayList<>();
        for (String name : matcher.group(2).split("[\\s+]+(?:and\\s+)?")) {
            wells.add(WellName.parse(Character.isDigit(name.charAt(0)) ? name : tray + name));
        }
        return Optional.of(wells);
    }
}
