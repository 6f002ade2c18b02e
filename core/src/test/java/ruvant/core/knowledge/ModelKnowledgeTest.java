package ruvant.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.RefitEntry;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.Valley;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class ModelKnowledgeTest {
    /** A job of lines as they are typed, each some minutes after the one before. */
    private static JobPicture job(int minutesEach, String... lines) {
        Logs logs = Logs.camera();
        for (String line : lines) {
            logs.after(minutesEach);
            logs.add(
                    BenchLine.of(logs.picture(), Logs.SHOP).read(line).entries().toArray(JobEntry[]::new));
        }
        return logs.picture();
    }

    /** A job in which these came off, in this order. */
    private static Valley off(String... names) {
        Logs logs = Logs.camera();
        for (String name : names) {
            logs.add(StripEntry.Removed.of(name, Side.TOP, false));
        }
        return logs.picture().valley();
    }

    private static final String[] USUAL = {
        "off top cover, 4 slot 1.7x3 + 1 slot 1.7x5 hidden",
        "off dial, top, 2 set screws 1x1.2 loosened, covers, cocked, 1 detent ball",
        "off meter coil, top, 2 slot 1.2x2",
        "back meter coil"
    };

    @Test
    void learnsWhatHeldAPartAndWhatToBewareOf() {
        ModelKnowledge known = ModelKnowledge.of(
                List.of(job(5, USUAL), job(5, USUAL), job(5, "off top cover, 3 slot 1.7x3, tilt it back first")));
        KnownPart cover = known.part("Top Cover").orElseThrow();
        assertThat(cover.jobs()).isEqualTo(3);
        assertThat(cover.held().fasteners()).hasSize(2);
        assertThat(cover.held().hidden())
                .singleElement()
                .satisfies(one -> assertThat(one.lengthMm()).isEqualTo(5));
        assertThat(cover.beware().remarks()).containsExactly("tilt it back first");
        KnownPart dial = known.part("dial").orElseThrow();
        assertThat(dial.beware().state()).isEqualTo(MechanismState.COCKED);
        assertThat(dial.beware().hazards()).containsExactly(Hazard.BALL);
        assertThat(dial.held().loose()).containsExactly("1 × detent ball");
        assertThat(dial.wantsCare()).isTrue();
        assertThat(known.part("meter coil").orElseThrow().wantsCare()).isFalse();
        assertThat(known.part("nothing of the kind")).isEmpty();
    }

    @Test
    void tellsTheWayInWithItsMinutes() {
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, USUAL), job(9, USUAL), job(9, USUAL)));
        WayIn way = known.wayTo("meter coil").orElseThrow();
        assertThat(way.steps()).extracting(WayIn.OnTheWay::part).containsExactly("top cover", "dial", "meter coil");
        assertThat(way.steps()).extracting(WayIn.OnTheWay::care).containsExactly(true, true, false);
        assertThat(way.steps().getLast().takes()).isEqualTo(Duration.ofMinutes(9));
        assertThat(way.there()).isEqualTo(Duration.ofMinutes(18));
        assertThat(way.jobs()).isEqualTo(3);
        assertThat(known.ways().getFirst().target()).isEqualTo("meter coil");
    }

    @Test
    void aPauseIsNoWork() {
        JobPicture slow = job(60 * 24, USUAL);
        assertThat(ModelKnowledge.of(List.of(slow))
                        .wayTo("meter coil")
                        .orElseThrow()
                        .there())
                .isEqualTo(Duration.ZERO);
    }

    private static final String[] BY_THE_TOP = {
        "off hood, top, covers", "off dial, top, covers", "off meter coil, top", "mend meter coil, pivot straightened"
    };
    private static final String[] BY_THE_FRONT = {
        "off front plate, front, covers", "off meter coil, front", "mend meter coil, pivot straightened"
    };

    @Test
    void whatMostJobsWentWithoutIsNotInTheWay() {
        String[] without = {"off dial, top", "off meter coil, top"};
        String[] with = {"off hood, top, covers", "off dial, top", "off meter coil, top"};
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, without), job(5, without), job(5, with)));
        assertThat(known.part("meter coil").orElseThrow().lies().over())
                .as("the dial came off first every time")
                .containsExactly("dial");
        ModelKnowledge mostly = ModelKnowledge.of(List.of(job(5, without), job(5, with), job(5, with)));
        assertThat(mostly.part("meter coil").orElseThrow().lies().over()).containsExactly("dial", "hood");
        assertThat(mostly.wayTo("meter coil").orElseThrow().others())
                .containsExactly(new KnownPart.OtherWay(List.of("hood"), List.of(), 1));
    }

    @Test
    void namesTheOtherWayWherePeopleWentDifferentWays() {
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, BY_THE_TOP), job(5, BY_THE_TOP), job(5, BY_THE_FRONT)));
        WayIn way = known.wayTo("meter coil").orElseThrow();
        assertThat(way.steps()).extracting(WayIn.OnTheWay::part).containsExactly("hood", "dial", "meter coil");
        assertThat(way.others())
                .containsExactly(new KnownPart.OtherWay(List.of("dial", "hood"), List.of("front plate"), 1));
    }

    @Test
    void whatSeldomCameOffAndWithNothingDoneToItIsNeedless() {
        String[] detour = {"off hood, top, covers", "off dial, top, covers", "off lock, top", "off meter coil, top"};
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, BY_THE_TOP), job(5, BY_THE_TOP), job(5, detour)));
        assertThat(known.parts())
                .filteredOn(KnownPart::needless)
                .extracting(KnownPart::name)
                .containsExactly("lock");
        assertThat(ModelKnowledge.of(List.of(job(5, detour))).parts())
                .as("one job alone teaches nothing of the kind")
                .noneMatch(KnownPart::needless);
        String[] deeper = {"off hood, top, covers", "off clip, top", "off pin, top"};
        assertThat(ModelKnowledge.of(List.of(job(5, BY_THE_TOP), job(5, BY_THE_TOP), job(5, deeper)))
                        .parts())
                .as("the pin was what one was after, and nobody got at it without the clip")
                .noneMatch(KnownPart::needless);
    }

    @Test
    void passesOnWhatIsBetterLeftAloneAndWhichBatteriesWereFound() {
        Logs logs = Logs.camera();
        logs.add(
                new StripEntry.LeaveAlone("two screws at the shaft", "they hold the train"),
                new IntakeEntry.BatteryFound("1.35 V cell", "green"));
        ModelKnowledge known = ModelKnowledge.of(List.of(logs.picture(), logs.picture(), job(5, USUAL)));
        assertThat(known.leaveAlone())
                .containsExactly(new ModelKnowledge.Tally(Named.of("two screws at the shaft: they hold the train"), 2));
        assertThat(known.batteries()).containsExactly(new ModelKnowledge.Tally(Named.of("1.35 V cell"), 2));
    }

    private static JobPicture checked(boolean passed, boolean byHand) {
        Logs logs = Logs.camera();
        PartName dial = PartName.of("dial");
        logs.add(StripEntry.Removed.of("dial", Side.TOP, false));
        if (byHand) {
            logs.add(new RefitEntry.GateAdded(dial, "lever left of the post"));
        }
        logs.put(new RefitEntry.GateAnswered(dial, "lever left of the post", passed, passed ? "" : "not on this one"));
        return logs.picture();
    }

    @Test
    void whatSomebodyLookedAtOnceIsAskedAgainUntilItIsWaivedAsOften() {
        JobPicture first = checked(true, true);
        assertThat(ModelKnowledge.of(List.of(first)).checks().at(PartName.of("Dial")))
                .containsExactly(AskedCheck.before(Named.of("lever left of the post")));
        assertThat(ModelKnowledge.of(List.of(first, checked(false, false)))
                        .checks()
                        .at(PartName.of("dial")))
                .isEmpty();
        assertThat(ModelKnowledge.of(List.of(first, checked(true, false), checked(false, false)))
                        .checks()
                        .at(PartName.of("dial")))
                .hasSize(1);
        assertThat(ModelKnowledge.of(List.of(checked(true, false))).checks().at(PartName.of("dial")))
                .as("nobody added it of their own accord")
                .isEmpty();
    }

    @Test
    void aSlipIsRememberedAtThePartThatItSpeaksOf() {
        JobPicture job =
                job(5, "off dial, top", "off dial ring, top", "slip long screw in dial ring, stood proud, swapped");
        ModelKnowledge known = ModelKnowledge.of(List.of(job));
        assertThat(known.part("dial ring").orElseThrow().beware().slips())
                .containsExactly("long screw in dial ring; stood proud; swapped");
        assertThat(known.part("dial ring").orElseThrow().wantsCare()).isTrue();
        assertThat(ModelKnowledge.of(List.of(job(5, "off ring, top", "slip rings mixed up")))
                        .part("ring")
                        .orElseThrow()
                        .beware()
                        .slips())
                .as("rings are not the ring")
                .isEmpty();
    }

    @Test
    void ofTheFamilyOnlyThePartsCountThatManyHaveAndNoMeasures() {
        String[] odd = {"off lens hood bayonet, lens front"};
        ModelKnowledge family = ModelKnowledge.ofFamily(
                List.of(job(5, USUAL), job(5, USUAL), job(5, USUAL), job(5, USUAL), job(5, odd)));
        assertThat(family.part("lens hood bayonet")).isEmpty();
        KnownPart dial = family.part("dial").orElseThrow();
        assertThat(dial.held().fasteners()).isEmpty();
        assertThat(dial.held().hidden()).isEmpty();
        assertThat(dial.beware().hazards()).containsExactly(Hazard.BALL);
        assertThat(family.next(off())).extracting(KnownPart::name).containsExactly("top cover");
    }

    @Test
    void saysWhatUsuallyComesNext() {
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, USUAL), job(5, USUAL)));
        assertThat(known.next(off())).extracting(KnownPart::name).containsExactly("top cover");
        assertThat(known.next(off("Top Cover"))).extracting(KnownPart::name).containsExactly("dial");
        assertThat(known.next(off("top cover", "dial", "meter coil"))).isEmpty();
        assertThat(ModelKnowledge.of(List.of()).next(off())).isEmpty();
    }

    @Test
    void whatIsBackAlreadyDoesNotComeNext() {
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, USUAL), job(5, USUAL)));
        Valley climbing = job(5, "off top cover", "off dial", "off meter coil", "back meter coil")
                .valley();
        assertThat(known.next(climbing)).isEmpty();
    }

    @Test
    void seenFromAJobItSaysWhatWasPassedOver() {
        ModelKnowledge known = ModelKnowledge.of(List.of(job(5, USUAL), job(5, USUAL)));
        assertThat(known.seenFrom(off("top cover")))
                .filteredOn(met -> !met.unlogged().isEmpty())
                .singleElement()
                .satisfies(met -> {
                    assertThat(met.part().name()).isEqualTo("meter coil");
                    assertThat(met.unlogged()).containsExactly("dial");
                    assertThat(met.care()).isFalse();
                });
        assertThat(known.seenFrom(off())).extracting(Met::care).containsOnly(true, false);
    }

    @Test
    void countsCausesByJob() {
        Logs logs = Logs.camera();
        logs.add(
                new FindEntry.CauseConfirmed("Gummed train", "drags"),
                new FindEntry.CauseConfirmed("gummed train", "drags"));
        ModelKnowledge known = ModelKnowledge.of(List.of(logs.picture(), logs.picture(), job(5, USUAL)));
        assertThat(known.causes()).containsExactly(new ModelKnowledge.Tally(Named.of("gummed train"), 2));
    }

    static IntStream seeds() {
        return IntStream.range(0, 80);
    }

    /** However differently jobs went, every way ends at its target, names nothing twice and keeps to known parts. */
    @ParameterizedTest
    @MethodSource("seeds")
    void waysHoldWhateverJobsSay(int seed) {
        Random random = new Random(seed);
        List<JobPicture> jobs = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            Logs logs = Logs.camera();
            List<Integer> order = new ArrayList<>(IntStream.range(0, 12).boxed().toList());
            java.util.Collections.shuffle(order, random);
            for (int part : order.subList(0, 1 + random.nextInt(12))) {
                logs.add(StripEntry.Removed.of("part " + part, Side.values()[part % 3], random.nextInt(3) == 0));
            }
            jobs.add(logs.picture());
        }
        ModelKnowledge known = ModelKnowledge.of(jobs);
        Set<String> names = new HashSet<>();
        known.parts().forEach(part -> names.add(part.name()));
        for (KnownPart part : known.parts()) {
            WayIn way = known.wayTo(part.name()).orElseThrow();
            List<String> steps = way.steps().stream().map(WayIn.OnTheWay::part).toList();
            assertThat(steps).endsWith(part.name()).doesNotHaveDuplicates();
            assertThat(names).containsAll(steps);
        }
        List<String> off = new ArrayList<>();
        for (int i = 0; i < known.parts().size(); i++) {
            List<KnownPart> next = known.next(off(off.toArray(String[]::new)));
            if (next.isEmpty()) {
                break;
            }
            assertThat(off).doesNotContain(next.getFirst().name());
            off.add(next.getFirst().name());
        }
    }
}
