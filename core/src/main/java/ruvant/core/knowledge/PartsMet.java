package ruvant.core.knowledge;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.sitting.SittingTime;
import ruvant.core.strip.LoosePart;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.Taught;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.PartName;

/** Gathers parts over jobs, by name. */
final class PartsMet {
    /** A longer gap between two lines was a pause, not work. */
    private static final Duration LONGEST_STEP = Duration.ofMinutes(45);

    /** What is read at a glance while the hand is at the part. */
    private static final int REMARKS = 3;

    /** What came off in at most one of so many jobs was hardly needed. */
    private static final int SELDOM = 3;

    private final Map<String, List<ValleyPart>> met = new LinkedHashMap<>();
    private final Map<String, Map<String, Integer>> over = new HashMap<>();
    private final WaysMet ways = new WaysMet();
    private final OrderMet order = new OrderMet();
    private final Set<String> needed = new HashSet<>();
    private final Map<String, List<Set<String>>> followed = new HashMap<>();
    private final Map<String, List<String>> slipped = new HashMap<>();
    private final Map<String, List<String>> said = new HashMap<>();
    private final List<Set<String>> off = new ArrayList<>();
    private final Map<String, List<Duration>> strips = new HashMap<>();
    private final Map<String, List<Duration>> refits = new HashMap<>();

    void take(Valley valley, Set<String> workedOn, SittingTime sitting) {
        ways.take(valley);
        order.take(valley);
        off.add(valley.parts().stream().map(part -> part.name().key()).collect(Collectors.toSet()));
        for (ValleyPart part : valley.parts()) {
            String key = part.name().key();
            met.computeIfAbsent(key, name -> new ArrayList<>()).add(part);
            SaidOfPart also = SaidOfPart.of(part.name(), sitting);
            slipped.computeIfAbsent(key, name -> new ArrayList<>()).addAll(also.slips());
            said.computeIfAbsent(key, name -> new ArrayList<>()).addAll(also.remarks());
            if (valley.knownOver(part.name()) || workedOn.contains(key)) {
                needed.add(key);
            }
            followed.computeIfAbsent(key, name -> new ArrayList<>()).add(after(part, valley));
            part.over().forEach(above -> count(over, key, above.key()));
        }
        times(valley.parts(), ValleyPart::removedAt, strips);
        times(
                valley.parts().stream()
                        .filter(part -> part.settled().wentBack().isPresent())
                        .toList(),
                part -> part.settled().at().orElseThrow(),
                refits);
    }

    private static void count(Map<String, Map<String, Integer>> counts, String one, String other) {
        counts.computeIfAbsent(one, name -> new HashMap<>()).merge(other, 1, Integer::sum);
    }

    /** A step took from the line before it to its own; the first of a row, and one after a pause, tell nothing. */
    private static void times(
            List<ValleyPart> parts, Function<ValleyPart, Instant> when, Map<String, List<Duration>> into) {
        List<ValleyPart> ordered =
                parts.stream().sorted(Comparator.comparing(when)).toList();
        for (int i = 1; i < ordered.size(); i++) {
            Duration took = Duration.between(when.apply(ordered.get(i - 1)), when.apply(ordered.get(i)));
            if (!took.isZero() && took.compareTo(LONGEST_STEP) <= 0) {
                into.computeIfAbsent(ordered.get(i).name().key(), name -> new ArrayList<>())
                        .add(took);
            }
        }
    }

    List<KnownPart> known() {
        Map<String, List<String>> usually = new HashMap<>();
        met.keySet().forEach(key -> usually.put(key, usuallyOver(key)));
        return met.entrySet().stream()
                .map(entry -> known(entry.getKey(), entry.getValue(), usually))
                .sorted(Comparator.comparingInt(KnownPart::jobs).reversed().thenComparing(KnownPart::name))
                .toList();
    }

    private KnownPart known(String key, List<ValleyPart> parts, Map<String, List<String>> usually) {
        List<StripEntry.Removed> removals =
                parts.stream().map(ValleyPart::removed).toList();
        return new KnownPart(
                commonest(parts.stream().map(part -> part.name().text())),
                parts.size(),
                new KnownPart.Lies(
                        commonest(removals.stream().map(StripEntry.Removed::side)),
                        removals.stream().filter(StripEntry.Removed::covers).count() * 2 >= parts.size(),
                        usually.get(key),
                        ways.others(key, usually, this::name)),
                held(removals),
                beware(removals, slipped.get(key), said.get(key)),
                new KnownPart.PartTakes(middle(strips.get(key)), middle(refits.get(key))),
                needless(key, parts.size()),
                ChecksMet.learned(parts));
    }

    private static KnownPart.Holding held(List<StripEntry.Removed> removals) {
        return new KnownPart.Holding(
                commonest(removals.stream().map(StripEntry.Removed::fasteners)),
                removals.stream()
                        .flatMap(off -> off.fasteners().stream())
                        .filter(one -> one.traits().contains(FastenerTrait.HIDDEN))
                        .distinct()
                        .toList(),
                removals.stream()
                        .flatMap(off -> off.loose().stream())
                        .map(LoosePart::words)
                        .distinct()
                        .toList());
    }

    private static KnownPart.Beware beware(List<StripEntry.Removed> removals, List<String> slips, List<String> said) {
        List<MechanismState> states = removals.stream()
                .map(StripEntry.Removed::state)
                .filter(Objects::nonNull)
                .toList();
        return new KnownPart.Beware(
                removals.stream()
                        .flatMap(off -> off.hazards().stream())
                        .distinct()
                        .sorted()
                        .toList(),
                states.isEmpty() ? null : commonest(states.stream()),
                slips.reversed().stream().distinct().limit(REMARKS).toList(),
                Stream.concat(
                                said.reversed().stream(),
                                removals.reversed().stream()
                                        .flatMap(off -> Stream.of(
                                                off.away() == null
                                                        ? ""
                                                        : off.away().words(),
                                                off.remark())))
                        .filter(remark -> !remark.isEmpty())
                        .distinct()
                        .limit(REMARKS)
                        .toList());
    }

    /** What came off after it on its side: what it may have stood in the way of without covering it. */
    private static Set<String> after(ValleyPart part, Valley valley) {
        return valley.parts().stream()
                .filter(other -> other.removed().side() == part.removed().side())
                .filter(other -> other.removedAt().isAfter(part.removedAt()))
                .map(other -> other.name().key())
                .collect(Collectors.toSet());
    }

    /**
     * A part that came off last was what one was after. One that came off before others was needless when others got at
     * all of those without it.
     */
    private boolean needless(String key, int times) {
        return !needed.contains(key)
                && off.size() >= SELDOM
                && times * SELDOM <= off.size()
                && followed.get(key).stream()
                        .allMatch(after -> !after.isEmpty()
                                && after.stream()
                                        .allMatch(other -> off.stream()
                                                .anyMatch(job -> job.contains(other) && !job.contains(key))));
    }

    private List<String> usuallyOver(String key) {
        Set<String> names = new HashSet<>();
        over.getOrDefault(key, Map.of()).forEach((above, times) -> {
            if (times * 2 >= met.get(key).size() && !passedBy(above, key)) {
                names.add(name(above));
            }
        });
        return names.stream().sorted().toList();
    }

    /** Whether jobs got at a part without another that came off before it elsewhere. */
    private boolean passedBy(String above, String key) {
        return order.over(PartName.of(name(above)), PartName.of(name(key)))
                .filter(says -> says != Taught.Says.OVER)
                .isPresent();
    }

    /** What the jobs say of the order of parts. */
    OrderMet order() {
        return order;
    }

    private String name(String key) {
        return commonest(met.get(key).stream().map(part -> part.name().text()));
    }

    private static <T> T commonest(Stream<T> values) {
        return values
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    private static Duration middle(List<Duration> times) {
        if (times == null) {
            return Duration.ZERO;
        }
        List<Duration> sorted = times.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }
}
