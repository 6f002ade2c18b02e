package ruvant.core.refit;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;

/**
 * Moving parts that were washed and not oiled since. Glass, contacts and covers are washed too and want no oil, so only
 * names that speak of something turning or sliding count; and an oiling counts for a part when it speaks of the same
 * thing, since people clean "the slow escapement" and oil "escapement pivots".
 */
final class DryPoints {
    private static final Set<String> MOVING = Set.of(
            "train",
            "escapement",
            "gear",
            "gears",
            "governor",
            "cam",
            "helicoid",
            "shaft",
            "spindle",
            "rail",
            "barrel",
            "pawl",
            "rack",
            "wheel",
            "pinion",
            "bearing",
            "self-timer",
            "motor");

    private DryPoints() {}

    static List<PartName> of(TreatPicture treat) {
        return treat.cleaned().stream()
                .map(one -> one.what().part())
                .distinct()
                .filter(part -> MOVING.contains(lastWord(part)))
                .filter(part -> treat.lubricated().stream()
                        .noneMatch(oiled -> oiled.what().part().equals(part)
                                || (oiled.what().part() + " " + oiled.what().point())
                                        .toLowerCase(Locale.ROOT)
                                        .contains(lastWord(part))))
                .toList();
    }

    private static String lastWord(PartName part) {
        return part.key().substring(part.key().lastIndexOf(' ') + 1);
    }
}
