package ruvant.core.refit;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;

/**
 * How long the way back is: one pair of hands puts back whatever may go, innermost first, and waits only when nothing
 * else may go.
 *
 * @param hands time at the bench that is left
 * @param closedAt when the last part would be on, if work went on without a pause; empty when nothing is out
 * @param chain the longest chain of parts that wait for each other, innermost first: nothing shortens the way but these
 */
public record WayBack(Duration hands, Optional<Instant> closedAt, List<PartName> chain) {
    /** What a part takes while a shop has no history of its own: 4 minutes, and half a minute a fastener. */
    public static final Duration USUAL_PART = Duration.ofMinutes(4);

    /** The pace of a shop that has no history of its own. */
    public static final double USUAL_PACE = 1;

    /** Fewer jobs than this say more about their cameras than about the shop's pace. */
    private static final int TELLING = 3;

    /** Half a minute: found in its well, started by finger, turned home. */
    private static final Duration USUAL_FASTENER = Duration.ofSeconds(30);

    /**
     * Plans the way back.
     *
     * @param pace this shop's refit time as a multiple of the usual, above 0; 1 where it has no history
     */
    public static WayBack of(Valley valley, TreatPicture treat, Instant now, double pace) {
        List<ValleyPart> out = valley.out();
        if (out.isEmpty()) {
            return new WayBack(Duration.ZERO, Optional.empty(), List.of());
        }
        Map<PartName, Set<PartName>> under = valley.under();
        Duration hands = out.stream().map(part -> takes(part, pace)).reduce(Duration.ZERO, Duration::plus);
        return new WayBack(hands, Optional.of(closed(out, under, treat, now, pace)), chain(out, under, pace));
    }

    /** A job's refit: minutes at the bench for it, and what came back. */
    public record Past(long minutes, Valley valley) {}

    /**
     * This shop's pace: minutes that refits took, over what they would usually take.
     *
     * @param past refits of earlier jobs; those without minutes tell nothing
     * @return {@link #USUAL_PACE} while fewer than three tell something, else between a quarter and four
     */
    public static double pace(List<Past> past) {
        List<Past> telling = past.stream()
                .filter(one -> one.minutes() > 0 && !usual(one.valley()).isZero())
                .toList();
        if (telling.size() < TELLING) {
            return USUAL_PACE;
        }
        double took = telling.stream().mapToLong(Past::minutes).sum();
        double usual = telling.stream()
                        .mapToLong(one -> usual(one.valley()).toSeconds())
                        .sum()
                / 60.0;
        return Math.clamp(took / usual, 0.25, 4);
    }

    private static Duration usual(Valley valley) {
        return valley.parts().stream()
                .filter(part -> part.state() == ValleyPart.State.BACK)
                .map(part -> takes(part, USUAL_PACE))
                .reduce(Duration.ZERO, Duration::plus);
    }

    /** How long one part takes to put back, at a pace as a multiple of the usual. */
    public static Duration takes(ValleyPart part, double pace) {
        int fasteners =
                part.removed().fasteners().stream().mapToInt(one -> one.count()).sum();
        long millis = USUAL_PART.plus(USUAL_FASTENER.multipliedBy(fasteners)).toMillis();
        return Duration.ofMillis(Math.round(millis * pace));
    }

    private static Instant closed(
            List<ValleyPart> out, Map<PartName, Set<PartName>> under, TreatPicture treat, Instant now, double pace) {
        Map<PartName, List<ValleyPart>> above = new HashMap<>();
        Map<PartName, Integer> innerOut = new HashMap<>();
        Map<PartName, Instant> dryAt = new HashMap<>();
        Set<PartName> stillOut =
                new HashSet<>(out.stream().map(ValleyPart::name).toList());
        for (ValleyPart part : out) {
            dryAt.put(part.name(), dry(part, under, treat));
            int inner = 0;
            for (PartName one : under.get(part.name())) {
                if (stillOut.contains(one)) {
                    above.computeIfAbsent(one, name -> new ArrayList<>()).add(part);
                    inner++;
                }
            }
            innerOut.put(part.name(), inner);
        }
        List<ValleyPart> free = new ArrayList<>(out.reversed().stream()
                .filter(part -> innerOut.get(part.name()) == 0)
                .toList());
        Instant at = now;
        while (!free.isEmpty()) {
            Instant then = at;
            ValleyPart next = free.stream()
                    .min(Comparator.comparing(part -> later(then, dryAt.get(part.name()))))
                    .orElseThrow();
            at = later(at, dryAt.get(next.name())).plus(takes(next, pace));
            free.remove(next);
            for (ValleyPart covering : above.getOrDefault(next.name(), List.of())) {
                if (innerOut.merge(covering.name(), -1, Integer::sum) == 0) {
                    free.add(covering);
                }
            }
        }
        return at;
    }

    /** When no wait of the part, or of what lies under it, runs any more. */
    private static Instant dry(ValleyPart part, Map<PartName, Set<PartName>> under, TreatPicture treat) {
        return treat.waits().stream()
                .filter(wait -> wait.endedAt().isEmpty() && wait.part() != null)
                .filter(wait -> wait.part().equals(part.name())
                        || under.get(part.name()).contains(wait.part()))
                .map(TreatPicture.Wait::endsAt)
                .max(Comparator.naturalOrder())
                .orElse(Instant.MIN);
    }

    private static Instant later(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }

    private static List<PartName> chain(List<ValleyPart> out, Map<PartName, Set<PartName>> under, double pace) {
        Map<PartName, ValleyPart> byName = new HashMap<>();
        out.forEach(part -> byName.put(part.name(), part));
        Map<PartName, Chain> known = new HashMap<>();
        return out.stream()
                .map(part -> longest(part, byName, under, known, pace))
                .max(Comparator.comparing(Chain::length))
                .map(Chain::parts)
                .orElse(List.of());
    }

    private record Chain(Duration length, List<PartName> parts) {}

    private static Chain longest(
            ValleyPart part,
            Map<PartName, ValleyPart> out,
            Map<PartName, Set<PartName>> under,
            Map<PartName, Chain> known,
            double pace) {
        Chain done = known.get(part.name());
        if (done != null) {
            return done;
        }
        Chain below = new Chain(Duration.ZERO, List.of());
        for (PartName inner : under.get(part.name())) {
            if (out.containsKey(inner)) {
                Chain one = longest(out.get(inner), out, under, known, pace);
                below = one.length().compareTo(below.length()) > 0 ? one : below;
            }
        }
        List<PartName> parts = new ArrayList<>(below.parts());
        parts.add(part.name());
        Chain chain = new Chain(below.length().plus(takes(part, pace)), List.copyOf(parts));
        known.put(part.name(), chain);
        return chain;
    }
}
