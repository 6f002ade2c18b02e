package ruvant.core.parts;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import ruvant.core.shelf.StatedFit;
import ruvant.core.trade.CameraKind;

/** Which parts are known to interchange between which cameras. */
public final class KnownPairs {
    private KnownPairs() {}

    /**
     * What is known of one part between two kinds.
     *
     * @param part empty for parts in general
     */
    public record Pair(String part, CameraKind from, CameraKind into, Interchange.Belief belief) {}

    private record Key(String part, String from, String into) {
        static Key of(String part, CameraKind from, CameraKind into) {
            return new Key(
                    part.toLowerCase(Locale.ROOT),
                    from.words().toLowerCase(Locale.ROOT),
                    into.words().toLowerCase(Locale.ROOT));
        }
    }

    /** Every pair that was tried or stated, those tried most often first. */
    public static List<Pair> of(List<Fit> tried, List<StatedFit> stated) {
        Interchange interchange = new Interchange(tried, stated);
        Set<Key> met = new LinkedHashSet<>();
        List<Pair> pairs = new ArrayList<>();
        for (Fit fit : tried) {
            if (met.add(Key.of(fit.part(), fit.from(), fit.into()))) {
                pairs.add(new Pair(
                        fit.part(), fit.from(), fit.into(), interchange.of(fit.part(), fit.from(), fit.into())));
            }
        }
        for (StatedFit one : stated) {
            if (met.add(Key.of(one.part(), one.from(), one.into()))) {
                pairs.add(new Pair(
                        one.part(), one.from(), one.into(), interchange.of(one.part(), one.from(), one.into())));
            }
        }
        pairs.sort((a, b) -> Integer.compare(b.belief().tries(), a.belief().tries()));
        return pairs;
    }
}
