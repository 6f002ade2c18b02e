package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.ShippedData;
import ruvant.core.trade.Family;

class DiagnosisTest {
    static final FaultKnowledge KNOWN = ShippedData.of(FaultKnowledge.class, "faults.json");

    private static CaseEvidence seen(String... symptoms) {
        return new CaseEvidence(Set.of(symptoms), Set.of(), List.of(), Set.of(), Set.of(), Map.of(), Map.of(), 0);
    }

    private static CaseEvidence with(CaseEvidence before, CaseEvidence.Result... looks) {
        List<CaseEvidence.Result> all = new ArrayList<>(before.looks());
        all.addAll(List.of(looks));
        return new CaseEvidence(
                before.symptoms(),
                before.absent(),
                all,
                before.cleared(),
                before.confirmed(),
                before.speeds(),
                before.counts(),
                before.jobs());
    }

    private static List<Diagnosis.Suspected> suspects(Family family, CaseEvidence evidence) {
        return Diagnosis.of(KNOWN, family, evidence).suspects(evidence);
    }

    private static double chance(Family family, CaseEvidence evidence, String cause) {
        return suspects(family, evidence).stream()
                .filter(one -> one.cause().id().equals(cause))
                .findFirst()
                .orElseThrow()
                .probability();
    }

    @Test
    void whatIsKnownHasNoGapsAndIsBroad() {
        assertThat(KNOWN.problems()).isEmpty();
        assertThat(KNOWN.causes()).hasSizeGreaterThanOrEqualTo(120);
        assertThat(KNOWN.looks()).hasSizeGreaterThanOrEqualTo(150);
        for (Family family : Family.values()) {
            assertThat(KNOWN.causesOf(family)).hasSizeGreaterThan(40);
        }
    }

    @Test
    void aLookThatNeedsWhatIsNotKnownAndASayingThatIsNoPatternAreGaps() {
        FaultKnowledge gaps = new FaultKnowledge(
                1,
                1,
                List.of(new FaultKnowledge.Works("shutter", List.of("blades"))),
                List.of(),
                List.of(),
                List.of(),
                List.of(new FaultKnowledge.Look("l", "a", "l", "x", 1, "outside", "", Map.of("c", 0.5), 0.1, "winder")),
                new Sayings(
                        List.of(new Sayings.Word("late", List.of("late", "too(long"))), Map.of("s", List.of("late"))));

        assertThat(gaps.problems())
                .anyMatch(one -> one.contains("l needs winder"))
                .anyMatch(one -> one.contains("“late” is no pattern"))
                .anyMatch(one -> one.contains("a saying names the symptom s"));
    }

    @Test
    void gapsAreFound() {
        FaultKnowledge gaps = new FaultKnowledge(
                1,
                1,
                List.of(),
                List.of(new FaultKnowledge.Area("a", "a", List.of())),
                List.of(new FaultKnowledge.Symptom("s", "s", 0.1)),
                List.of(new FaultKnowledge.Cause("c", "a", "c", 1, "why", Map.of("t", 1.0), "clean", null)),
                List.of(new FaultKnowledge.Look("l", "b", "l", "x", 1, "outside", "", Map.of("d", 0.5), 0.1)),
                null);

        assertThat(gaps.problems())
                .anyMatch(one -> one.contains("No look distinguishes “c”"))
                .anyMatch(one -> one.contains("symptom t"))
                .anyMatch(one -> one.contains("between 0 and 1"))
                .anyMatch(one -> one.contains("area b"))
                .anyMatch(one -> one.contains("cause d"));
    }

    @Test
    void lateScatteredSlowSpeedsThatMindHowTheyAreHeldPointToTheTrain() {
        List<Diagnosis.Suspected> suspects =
                suspects(Family.LEAF_UNIT, seen("slowLate", "slowScatter", "worseLensDown"));

        assertThat(suspects.getFirst().cause().id()).isEqualTo("trainGummed");
        assertThat(suspects.getFirst().probability()).isGreaterThan(0.6);
    }

    @Test
    void aLookMovesTheListAndALeaningOneMovesItLess() {
        CaseEvidence late = seen("slowLate");
        double before = chance(Family.LEAF_UNIT, late, "trainGummed");
        double sure = chance(
                Family.LEAF_UNIT, with(late, new CaseEvidence.Result("solventTrain", false, true)), "trainGummed");
        double leaning = chance(
                Family.LEAF_UNIT, with(late, new CaseEvidence.Result("solventTrain", false, false)), "trainGummed");

        assertThat(sure).isLessThan(leaning);
        assertThat(leaning).isLessThan(before);
    }

    @Test
    void twoCausesAtOnceCanBothBeLikely() {
        CaseEvidence both = with(
                seen("slowLate", "slowScatter", "irisOily", "firstLate"),
                new CaseEvidence.Result("solventTrain", true, true),
                new CaseEvidence.Result("bladesLoupe", true, true));

        assertThat(chance(Family.LEAF_LENS, both, "trainGummed")).isGreaterThan(0.7);
        assertThat(chance(Family.LEAF_LENS, both, "oilBlades")).isGreaterThan(0.7);
    }

    @Test
    void aMeterThatMovesPastItsWireClearsCellCoilAndMovement() {
        CaseEvidence dead = seen("meterDead", "corroded");
        CaseEvidence moves = with(
                dead,
                new CaseEvidence.Result("bypassCell", true, true),
                new CaseEvidence.Result("chamberSee", false, true));

        assertThat(suspects(Family.FOCAL_METAL, moves).getFirst().cause().id()).isEqualTo("wireGreen");
        assertThat(chance(Family.FOCAL_METAL, moves, "coilOpen"))
                .isLessThan(chance(Family.FOCAL_METAL, dead, "coilOpen"));
    }

    @Test
    void clearedConfirmedAndCountedCausesCount() {
        CaseEvidence late = seen("slowLate");
        CaseEvidence cleared = new CaseEvidence(
                late.symptoms(), Set.of(), List.of(), Set.of("trainGummed"), Set.of(), Map.of(), Map.of(), 0);
        CaseEvidence confirmed = new CaseEvidence(
                late.symptoms(), Set.of(), List.of(), Set.of(), Set.of("ringDrags"), Map.of(), Map.of(), 0);
        CaseEvidence common = new CaseEvidence(
                late.symptoms(), Set.of(), List.of(), Set.of(), Set.of(), Map.of(), Map.of("trainDeep", 14), 21);

        assertThat(chance(Family.LEAF_UNIT, cleared, "trainGummed")).isLessThan(0.2);
        assertThat(chance(Family.LEAF_UNIT, confirmed, "ringDrags")).isGreaterThan(0.85);
        assertThat(chance(Family.LEAF_UNIT, common, "trainDeep"))
                .isGreaterThan(2 * chance(Family.LEAF_UNIT, late, "trainDeep"));
        assertThat(suspects(Family.LEAF_UNIT, common).stream()
                        .filter(one -> one.cause().id().equals("trainDeep"))
                        .findFirst()
                        .orElseThrow()
                        .jobsHere())
                .isEqualTo(14);
    }

    @Test
    void whatTheSpeedsSayIsEvidence() {
        CaseEvidence late = seen("slowLate");
        CaseEvidence speeds = new CaseEvidence(
                late.symptoms(),
                Set.of(),
                List.of(),
                Set.of(),
                Set.of(),
                Map.of("trainTooDeep", 0.9, "trainGummed", 0.05, "healthy", 0.01),
                Map.of(),
                0);

        assertThat(suspects(Family.LEAF_UNIT, speeds).getFirst().cause().id()).isEqualTo("trainDeep");
    }

    @Test
    void whatExplainsNothingSeenIsNotLookedAtFirst() {
        CaseEvidence dead = seen("releasesNot");
        List<NextLooks.Ranked> next =
                NextLooks.of(KNOWN, Family.FOCAL_CLOTH, Diagnosis.of(KNOWN, Family.FOCAL_CLOTH, dead), dead, Set.of());

        assertThat(next.stream().limit(3).map(one -> one.look().area())).doesNotContain("meter", "seals", "range");
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void theNextLookIsWorthItsMinutesAndOpenCoversMakeItCheaper(Family family) {
        CaseEvidence evidence = seen("slowLate", "meterDead");
        Diagnosis diagnosis = Diagnosis.of(KNOWN, family, evidence);
        List<NextLooks.Ranked> closed = NextLooks.of(KNOWN, family, diagnosis, evidence, Set.of());
        List<NextLooks.Ranked> open =
                NextLooks.of(KNOWN, family, diagnosis, evidence, Set.of("top", "bottom", "front", "inside"));

        assertThat(closed).hasSizeGreaterThan(3);
        assertThat(closed.getFirst().worth())
                .isGreaterThanOrEqualTo(closed.get(1).worth());
        assertThat(closed.getFirst().told().bits()).isBetween(0.02, 1.0);
        assertThat(open.stream().mapToDouble(NextLooks.Ranked::minutes).sum())
                .isLessThan(
                        closed.stream().mapToDouble(NextLooks.Ranked::minutes).sum());
    }

    @Test
    void advisedLooksFindTheHiddenCause() {
        int first = 0;
        int cases = 60;
        for (int seed = 0; seed < cases; seed++) {
            Random random = new Random(91L * seed + 3);
            Family family = Family.values()[random.nextInt(Family.values().length)];
            List<FaultKnowledge.Cause> causes = KNOWN.causesOf(family);
            FaultKnowledge.Cause truth = causes.get(random.nextInt(causes.size()));
            List<String> symptoms = new ArrayList<>();
            // nobody brings a camera with which nothing is wrong
            symptoms.add(truth.symptoms().entrySet().stream()
                    .max(Map.Entry.<String, Double>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .orElseThrow()
                    .getKey());
            new TreeMap<>(truth.symptoms()).forEach((symptom, chance) -> {
                if (random.nextDouble() < chance * 0.9 && !symptoms.contains(symptom)) {
                    symptoms.add(symptom);
                }
            });
            CaseEvidence evidence = seen(symptoms.toArray(String[]::new));
            for (int look = 0; look < 12; look++) {
                Diagnosis diagnosis = Diagnosis.of(KNOWN, family, evidence);
                List<NextLooks.Ranked> next = NextLooks.of(KNOWN, family, diagnosis, evidence, Set.of());
                if (next.isEmpty()) {
                    break;
                }
                FaultKnowledge.Look taken = next.getFirst().look();
                double chance = taken.finds().getOrDefault(truth.id(), taken.otherwise());
                evidence = with(evidence, new CaseEvidence.Result(taken.id(), random.nextDouble() < chance, true));
            }
            first += suspects(family, evidence).getFirst().cause().equals(truth) ? 1 : 0;
        }
        assertThat(first).isGreaterThan(cases * 2 / 3);
    }

    @Test
    void withNothingKnownTheCommonestComeFirstAndAllSumsUp() {
        Diagnosis nothing = Diagnosis.of(KNOWN, Family.FOCAL_CLOTH, CaseEvidence.NONE);
        double sum = nothing.suspects(CaseEvidence.NONE).stream()
                .mapToDouble(Diagnosis.Suspected::probability)
                .sum();

        assertThat(nothing.suspects(CaseEvidence.NONE).getFirst().cause().id()).isEqualTo("foamGone");
        assertThat(nothing.noneOfThese()).isBetween(0.0, 0.1);
        assertThat(sum).as("some have two").isBetween(0.9, 1.5);
        assertThat(nothing.openBits()).isGreaterThan(4);
        assertThat(Diagnosis.of(KNOWN, Family.FOCAL_CLOTH, seen("rattles")).noneOfThese())
                .isNotCloseTo(nothing.noneOfThese(), within(1e-6));
    }
}
