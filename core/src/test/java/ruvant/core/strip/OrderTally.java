package ruvant.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.anatomy.BodyPlan;
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.units.PartName;

/** Walks strips back in many orders that are truly possible, and counts what the rule says of each part at each moment. */
final class OrderTally {
    private static final int WALKS = 20;

    private final BodyPlans plans;
    private final Set<String> allowedWrongly = new HashSet<>();
    private int may;
    private int free;
    private int mayNot;
    private int wrong;

    OrderTally(BodyPlans plans) {
        this.plans = plans;
    }

    /** Of parts that may truly go back, the share that is shown free. */
    double freeShare() {
        return (double) free / may;
    }

    /** Of parts that may not, the share that is shown free. */
    double wrongShare() {
        return (double) wrong / mayNot;
    }

    /** How many judgements there were. */
    int judged() {
        return may + mayNot;
    }

    /** What was allowed wrongly, for reading. */
    Set<String> allowedWrongly() {
        return allowedWrongly;
    }

    OrderTally walk(StripOnPaper strip, Taught taught, long seed) {
        Random random = new Random(seed);
        for (int walk = 0; walk < WALKS; walk++) {
            List<PartName> back = new ArrayList<>();
            Set<PartName> out = out(strip);
            while (!out.isEmpty()) {
                judge(strip, Valley.taken(strip.removals(), back).ordered(taught, plan(strip)), out);
                PartName next = next(strip, out, random);
                back.add(next);
                out.remove(next);
            }
        }
        return this;
    }

    private BodyPlan plan(StripOnPaper strip) {
        return plans.of(strip.body(), strip.shutter());
    }

    private static Set<PartName> out(StripOnPaper strip) {
        return strip.removals().stream().map(StripEntry.Removed::part).collect(Collectors.toCollection(HashSet::new));
    }

    private static PartName next(StripOnPaper strip, Set<PartName> out, Random random) {
        List<PartName> possible = out.stream()
                .filter(part -> strip.may(part, out))
                .sorted(Comparator.comparing(PartName::key))
                .toList();
        return possible.get(random.nextInt(possible.size()));
    }

    private void judge(StripOnPaper strip, Valley valley, Set<PartName> out) {
        for (ValleyPart part : valley.out()) {
            boolean shownFree = valley.inTheWay(part).isEmpty();
            if (strip.may(part.name(), out)) {
                may++;
                free += shownFree ? 1 : 0;
            } else {
                mayNot++;
                wrong += shownFree ? 1 : 0;
                if (shownFree) {
                    allowedWrongly.add(strip.name() + ": " + part.name());
                }
            }
        }
    }

    /**
     * One job of the model by somebody who knows it: what is shown wrongly is put right with one key when it is seen.
     *
     * @param all whether everything that waits needlessly is freed when it is seen; else only what is to go back next
     */
    Valley taughtBy(StripOnPaper strip, boolean all, long seed) {
        Random random = new Random(seed);
        ValleyTracks tracks = new ValleyTracks();
        strip.removals().forEach(removed -> tracks.off(Valley.line(removed), removed));
        Set<PartName> out = out(strip);
        while (!out.isEmpty()) {
            PartName next = next(strip, out, random);
            for (PartName part : Set.copyOf(out)) {
                putRight(strip, tracks, part, out, all || part.equals(next));
            }
            tracks.back(Valley.line(strip.removals().getFirst()), next, new WentBack(List.of(), ""));
            out.remove(next);
        }
        return tracks.valley();
    }

    private void putRight(StripOnPaper strip, ValleyTracks tracks, PartName name, Set<PartName> out, boolean frees) {
        Valley valley = tracks.valley().ordered(Taught.NOTHING, plan(strip));
        Optional<InTheWay> way = valley.inTheWay(valley.part(name).orElseThrow());
        boolean may = strip.may(name, out);
        if (may && way.isPresent() && frees) {
            tracks.free(new StripEntry.FreeOf(name, way.get().direct()));
        }
        if (!may && way.isEmpty()) {
            strip.under().get(name).stream()
                    .filter(out::contains)
                    .forEach(inner -> tracks.set(new StripEntry.EdgeSet(name, inner, true)));
        }
    }
}
