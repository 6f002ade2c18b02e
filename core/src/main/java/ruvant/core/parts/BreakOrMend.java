package ruvant.core.parts;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.house.Rates;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.DonorBody;
import ruvant.core.shelf.PartState;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.trade.CameraKind;
import ruvant.core.units.PartName;

/**
 * Whether a body is better left as it is, mended, or broken for its parts. A part earns its worth only where somebody
 * wants it within two years: how likely that is follows from how often cameras it fits wanted one, as events that come
 * at a steady rate (Poisson), and is certain where one is wanted now.
 */
public final class BreakOrMend {
    /** A part that nobody wanted for two years has cost its place more than it brings. */
    private static final double YEARS_AHEAD = 2;

    /** A rate is taken to be one want in ten years before anything was seen: weak, but never nothing. */
    private static final double WANTS_BEFORE = 0.3;

    /**
     * For how long what is supposed of a rate is taken to have been watched: what the shop saw outweighs it after
     * that.
     */
    private static final double YEARS_BEFORE = 3;

    /** Leap years counted in. */
    private static final double DAYS_A_YEAR = 365.25;

    private final Map<String, Map<CameraKind, Wants>> needs = new HashMap<>();
    private final Instant first;
    private final Interchange interchange;
    private final Rates rates;
    private final Instant now;

    /** @param needs what jobs wanted up to now, met or not */
    public BreakOrMend(List<NeedRecord> needs, Interchange interchange, Rates rates, Instant now) {
        needs.forEach(need -> this.needs
                .computeIfAbsent(need.part().key(), key -> new HashMap<>())
                .merge(need.into(), new Wants(1, need.open() ? 1 : 0), Wants::plus));
        this.first = needs.stream()
                .map(NeedRecord::opened)
                .min(Instant::compareTo)
                .filter(now::isAfter)
                .orElse(now);
        this.interchange = interchange;
        this.rates = rates;
        this.now = now;
    }

    /** How often cameras of one kind wanted a part, and how often they do now. */
    private record Wants(int times, int open) {
        Wants plus(Wants other) {
            return new Wants(times + other.times, open + other.open);
        }
    }

    /** What is best done with it. */
    public enum Best {
        AS_IT_IS,
        MEND,
        BREAK,
        BROKEN_ALREADY
    }

    /**
     * What a part is good for.
     *
     * @param wanted needs of it up to now, by cameras it fits; a doubtful fit counts in part
     * @param openNow needs that stand now
     * @param chance that it is wanted within two years
     * @param netMinor what is to be expected of it, its own minutes taken off
     */
    public record PartOutlook(String part, double wanted, int openNow, double chance, long netMinor) {}

    /**
     * The three ways with their sums.
     *
     * @param asIs sold as it stands
     * @param mended mended and sold, as is to be expected
     * @param parts broken for its parts, as is to be expected
     * @param openingLossMinor what the first part taken out of it costs beyond its own minutes: the work of opening it, and
     *     what is lost of the better of the other ways that the rest of the parts do not make up for
     */
    public record Figures(
            List<Term> asIs,
            List<Term> mended,
            List<Term> parts,
            long asIsMinor,
            long mendedMinor,
            long partsMinor,
            List<PartOutlook> outlooks,
            Best best,
            long openingLossMinor) {}

    /** Works the three ways out for a donor as it is now. */
    public Figures of(ShelfPicture.DonorHeld donor) {
        DonorBody body = donor.body();
        List<Term> asIs = List.of(new Term("sold as it is", donor.opened() ? 0 : body.asIsMinor()));
        List<Term> mended = donor.opened() ? List.of() : mended(body);
        List<PartOutlook> outlooks = donor.parts().stream()
                .filter(one -> one.state() == PartState.THERE)
                .map(one -> outlook(one.part(), body))
                .toList();
        List<Term> parts = new ArrayList<>();
        outlooks.stream()
                .filter(one -> one.netMinor() > 0)
                .map(one -> new Term(
                        one.part() + ", chance wanted: " + Math.round(100 * one.chance()) + " %", one.netMinor()))
                .forEach(parts::add);
        if (!donor.opened()) {
            parts.add(new Term("opening it, " + body.openMinutes() + " min", -rates.minutes(body.openMinutes())));
        }
        long whole = Term.sum(asIs);
        long mend = Term.sum(mended);
        long inParts = Term.sum(parts);
        return new Figures(
                asIs,
                mended,
                parts,
                whole,
                mend,
                inParts,
                outlooks,
                best(donor, whole, mend, inParts),
                loss(donor, whole, mend, outlooks));
    }

    private static Best best(ShelfPicture.DonorHeld donor, long whole, long mend, long inParts) {
        if (donor.opened()) {
            return Best.BROKEN_ALREADY;
        }
        if (mend > whole && mend >= inParts) {
            return Best.MEND;
        }
        return inParts > whole ? Best.BREAK : Best.AS_IT_IS;
    }

    private long loss(ShelfPicture.DonorHeld donor, long whole, long mend, List<PartOutlook> outlooks) {
        if (donor.opened()) {
            return 0;
        }
        long rest =
                outlooks.stream().mapToLong(one -> Math.max(0, one.netMinor())).sum();
        return rates.minutes(donor.body().openMinutes()) + Math.max(0, Math.max(whole, mend) - rest);
    }

    private List<Term> mended(DonorBody body) {
        double chance = body.chanceMended();
        return List.of(
                new Term(
                        "sold repaired, repair succeeds with " + Math.round(100 * chance) + " %",
                        Math.round(chance * body.mendedMinor())),
                new Term("else as it is, at half", Math.round((1 - chance) * body.asIsMinor() / 2.0)),
                new Term(body.mendMinutes() + " min at the bench", -rates.minutes(body.mendMinutes())),
                new Term("parts to buy", -body.mendCostMinor()));
    }

    private PartOutlook outlook(BodyPart part, DonorBody body) {
        String key = PartName.of(part.name()).key();
        double wanted = 0;
        int open = 0;
        for (Map.Entry<CameraKind, Wants> one :
                needs.getOrDefault(key, Map.of()).entrySet()) {
            double fits = interchange.chance(key, body.kind(), one.getKey());
            wanted += fits * one.getValue().times();
            open += fits >= 0.5 ? one.getValue().open() : 0;
        }
        double years = Duration.between(first, now).toDays() / DAYS_A_YEAR;
        double perYear = (wanted + WANTS_BEFORE) / (years + YEARS_BEFORE);
        double chance = open > 0 ? 1 : 1 - Math.exp(-perYear * YEARS_AHEAD);
        double net = part.worthMinor() * Condition.USED.works() - rates.minutes(part.minutes());
        return new PartOutlook(part.name(), wanted, open, chance, Math.round(chance * Math.max(0, net)));
    }
}
