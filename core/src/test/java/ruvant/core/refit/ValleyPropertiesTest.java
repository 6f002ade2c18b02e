package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.Logs;
import ruvant.core.strip.Basis;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.LoosePart;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;

/** Over many random valleys: any way back that is allowed is a way back that is right. */
class ValleyPropertiesTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 1_000, 1_001, 1_002})
    void everyAllowedOrderKeepsTheCoversAndFinishes(long seed) {
        Random random = new Random(seed);
        Logs logs = stripped(random, seed >= 1_000 ? 160 + random.nextInt(41) : 4 + random.nextInt(30));
        Valley start = logs.picture().valley();
        Map<PartName, Set<PartName>> under = start.under();
        Set<PartName> back = new HashSet<>();
        while (back.size() < start.parts().size()) {
            var answers = logs.stands().refit().all();
            List<PartName> ready = answers.stream()
                    .filter(answer -> answer.kind() == RefitAnswer.Kind.READY)
                    .map(RefitAnswer::part)
                    .toList();
            assertThat(ready).as("there is always a way on").isNotEmpty().allMatch(part -> !back.contains(part));
            PartName next = ready.get(random.nextInt(ready.size()));
            assertThat(back).as("all under %s is back", next).containsAll(under.get(next));
            logs.add(refit(logs.picture().valley().part(next).orElseThrow()));
            back.add(next);
            assertBalanced(logs);
            assertThat(logs.refusal(new RefitEntry.Refitted(next, List.of(), "", "")))
                    .as("nothing goes back twice")
                    .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("alreadyBack"));
        }
        assertThat(Ledger.of(logs.picture().valley()).closed()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38})
    void noPartClosesOverAnother(long seed) {
        Random random = new Random(seed);
        Logs logs = stripped(random, 12);
        Valley valley = logs.picture().valley();
        for (ValleyPart part : valley.parts()) {
            boolean innerOut = !valley.under().get(part.name()).isEmpty();
            assertThat(logs.refusal(refit(part)).isPresent())
                    .as("refit of %s", part.name())
                    .isEqualTo(innerOut);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53, 54, 55, 56})
    void edgesNeverCloseACircle(long seed) {
        Random random = new Random(seed);
        Logs logs = stripped(random, 14);
        List<PartName> names =
                logs.picture().valley().parts().stream().map(ValleyPart::name).toList();
        for (int i = 0; i < 120; i++) {
            PartName over = names.get(random.nextInt(names.size()));
            PartName under = names.get(random.nextInt(names.size()));
            if (over.equals(under)) {
                continue;
            }
            var edge = new StripEntry.EdgeSet(over, under, random.nextInt(4) > 0);
            var refusal = logs.refusal(edge);
            boolean wouldCircle =
                    edge.present() && knownUnder(logs.stands().picture().valley(), under, over);
            assertThat(refusal.isPresent()).as("%s", edge).isEqualTo(wouldCircle);
            if (refusal.isEmpty()) {
                logs.put(edge);
            } else {
                assertThat(refusal.get().message()).contains(over.text(), under.text());
            }
        }
        Valley valley = logs.picture().valley();
        valley.under().forEach((part, below) -> assertThat(below).doesNotContain(part));
        valley.parts()
                .forEach(part -> assertThat(part.place().level())
                        .isLessThanOrEqualTo(part.place().depth()));
    }

    /** Parts go back in any order with a reason, edges are said and taken back: what is allowed never lies under what is on. */
    @ParameterizedTest
    @ValueSource(longs = {71, 72, 73, 74, 75, 76, 77, 78, 79, 80})
    void nothingIsAllowedWhoseCoverIsOutOrWhoseOverPartIsBack(long seed) {
        Random random = new Random(seed);
        Logs logs = stripped(random, 16);
        for (int i = 0; i < 60; i++) {
            Valley valley = logs.stands().picture().valley();
            for (RefitAnswer answer : logs.stands().refit().all()) {
                if (answer.kind() == RefitAnswer.Kind.READY) {
                    assertAllowed(valley, valley.part(answer.part()).orElseThrow());
                }
            }
            anything(random, logs, valley);
        }
    }

    private static void assertAllowed(Valley valley, ValleyPart part) {
        assertThat(part.over())
                .as("over %s", part.name())
                .allMatch(over -> valley.part(over).orElseThrow().state() != ValleyPart.State.BACK);
        assertThat(valley.out())
                .filteredOn(inner -> inner.over().contains(part.name()))
                .as("under %s", part.name())
                .isEmpty();
    }

    private static void anything(Random random, Logs logs, Valley valley) {
        ValleyPart one = valley.parts().get(random.nextInt(valley.parts().size()));
        ValleyPart other = valley.parts().get(random.nextInt(valley.parts().size()));
        List<StripEntry> said = one.name().equals(other.name())
                ? List.of()
                : List.of(
                        new StripEntry.EdgeSet(one.name(), other.name(), random.nextBoolean()),
                        new StripEntry.FreeOf(one.name(), List.of(other.name())));
        if (random.nextInt(3) == 0 && !said.isEmpty()) {
            StripEntry entry = said.get(random.nextInt(2));
            if (logs.refusal(entry).isEmpty()) {
                logs.put(entry);
            }
        } else if (one.out()) {
            RefitEntry.Refitted free = refit(one);
            RefitEntry.Refitted forced = new RefitEntry.Refitted(one.name(), free.fasteners(), "it had to be", "");
            logs.put(logs.refusal(free).isEmpty() ? free : forced);
        } else if (logs.refusal(one.removed()).isEmpty()) {
            logs.put(one.removed());
        }
    }

    /** Whether the one is known, and not only taken, to lie under the other, directly or not. */
    private static boolean knownUnder(Valley valley, PartName upper, PartName lower) {
        return valley.part(lower).orElseThrow().place().lying().entrySet().stream()
                .filter(over -> over.getValue() != Basis.DEFAULT)
                .anyMatch(over -> over.getKey().equals(upper) || knownUnder(valley, upper, over.getKey()));
    }

    private static Logs stripped(Random random, int parts) {
        Logs logs = Logs.camera();
        Side[] sides = {Side.TOP, Side.BOTTOM, Side.FRONT, Side.BACK, Side.LEFT, Side.RIGHT};
        for (int i = 0; i < parts; i++) {
            List<Fastener> fasteners = new ArrayList<>();
            for (int type = 0; type < random.nextInt(3); type++) {
                fasteners.add(Fastener.slotted(1 + random.nextInt(4), 1.4, 2 + type * 1.5));
            }
            List<LoosePart> loose =
                    random.nextInt(4) == 0 ? List.of(new LoosePart("washer", 1 + random.nextInt(3))) : List.of();
            logs.put(new StripEntry.Removed(
                    PartName.of("part " + i),
                    sides[random.nextInt(sides.length)],
                    random.nextBoolean(),
                    fasteners,
                    List.of(),
                    List.of(),
                    "",
                    null,
                    loose,
                    Set.of(),
                    ""));
        }
        // gates are another test's matter
        logs.picture()
                .valley()
                .parts()
                .forEach(part -> part.openChecks()
                        .forEach(check -> logs.put(new RefitEntry.GateAnswered(part.name(), check.text(), true, ""))));
        return logs;
    }

    private static RefitEntry.Refitted refit(ValleyPart part) {
        return new RefitEntry.Refitted(
                part.name(),
                part.removed().fasteners().stream()
                        .map(one -> new FastenersBack(one.type(), one.count(), 0, 0))
                        .toList(),
                "",
                "");
    }

    private static void assertBalanced(Logs logs) {
        Ledger ledger = Ledger.of(logs.picture().valley());
        assertThat(ledger.pieces().back()
                        + ledger.pieces().lost()
                        + ledger.pieces().leftOut()
                        + ledger.pieces().out()
                        + ledger.pieces().unaccounted())
                .as("pieces: %s", ledger)
                .isEqualTo(ledger.off());
    }
}
