package ruvant.core.strip;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.trade.Fastener;
import ruvant.core.units.PartName;

/** Finds fasteners lying out that the eye will not tell apart. */
public final class LookAlikes {
    private LookAlikes() {}

    /**
     * Two types of different length that look the same.
     *
     * @param shorter the shorter one, at part {@code shorterOf}
     * @param longer the longer one, at part {@code longerOf}: in the shorter one's hole it stands proud inside
     */
    public record Pair(Fastener shorter, PartName shorterOf, Fastener longer, PartName longerOf) {}

    /**
     * Pairs over everything that is out: same kind, drive, head and thread, lengths unequal but by no more than the
     * threshold.
     *
     * @param thresholdMm above 0; 1.0 by default
     */
    public static List<Pair> among(Valley valley, double thresholdMm) {
        List<Lying> lying = new ArrayList<>();
        valley.out()
                .forEach(part -> part.removed().fasteners().stream()
                        .filter(one -> !one.staysIn() && one.lengthMm() != null)
                        .forEach(one -> lying.add(new Lying(part.name(), one))));
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < lying.size(); i++) {
            for (int j = i + 1; j < lying.size(); j++) {
                Lying one = lying.get(i);
                Lying other = lying.get(j);
                if (alike(one.fastener, other.fastener, thresholdMm)) {
                    boolean inOrder = one.fastener.lengthMm() < other.fastener.lengthMm();
                    Lying shorter = inOrder ? one : other;
                    Lying longer = inOrder ? other : one;
                    pairs.add(new Pair(shorter.fastener, shorter.part, longer.fastener, longer.part));
                }
            }
        }
        return pairs;
    }

    /** Whether two types would be taken for each other. */
    public static boolean alike(Fastener one, Fastener other, double thresholdMm) {
        if (one.lengthMm() == null || other.lengthMm() == null) {
            return false;
        }
        double difference = Math.abs(one.lengthMm() - other.lengthMm());
        return one.kind() == other.kind()
                && one.drive() == other.drive()
                && one.head() == other.head()
                && java.util.Objects.equals(one.threadMm(), other.threadMm())
                && difference > 1e-9
                && difference <= thresholdMm + 1e-9;
    }

    private record Lying(PartName part, Fastener fastener) {}
}
