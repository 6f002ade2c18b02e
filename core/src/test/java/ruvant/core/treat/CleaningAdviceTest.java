package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.ShippedData;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.knowledge.NearParts;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.DryRunResult;
import ruvant.core.trade.Side;
import ruvant.core.trade.Verdict;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class CleaningAdviceTest {
    private static final Materials TABLE = ShippedData.of(Materials.class, "materials.json");
    private static final CleaningAdvice.Near BLADES = new CleaningAdvice.Near("shutter blades", List.of("blades"));
    private static final CleaningAdvice.Near SCALE = new CleaningAdvice.Near("distance scale", List.of("paintedPaint"));

    private static List<CleaningAdvice.Proposal> ways(
            String soil, List<String> materials, CleaningAdvice.Near... near) {
        return CleaningAdvice.of(TABLE, soil, materials, List.of(near));
    }

    private static CleaningAdvice.Proposal way(List<CleaningAdvice.Proposal> all, String agent, String method) {
        return all.stream()
                .filter(one ->
                        one.agent().id().equals(agent) && one.method().id().equals(method))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySoilNamesAgentsAndWaysThatAreThere() {
        assertThat(TABLE.soils()).hasSizeGreaterThanOrEqualTo(12);
        for (Materials.Soil soil : TABLE.soils()) {
            assertThat(ways(soil.id(), List.of("brassSteel"))).as(soil.label()).isNotEmpty();
            assertThat(soil.agents()).allMatch(agent -> TABLE.agent(agent).isPresent());
        }
        for (Materials.Method method : TABLE.methods()) {
            assertThat(method.never().keySet())
                    .allMatch(id ->
                            TABLE.materials().stream().anyMatch(one -> one.id().equals(id)));
        }
        for (Materials.Agent agent : TABLE.agents()) {
            assertThat(agent.verdicts()).as(agent.label()).containsKey("blades");
        }
    }

    @Test
    void aFlushRunsOverTheBladesBelowAndSaysWhatComesOffFirst() {
        CleaningAdvice.Proposal alone = way(ways("gummedTrain", List.of("brassSteel")), "naphtha", "flush");
        CleaningAdvice.Proposal above = way(ways("gummedTrain", List.of("brassSteel"), BLADES), "naphtha", "flush");

        assertThat(alone.verdict()).isEqualTo(Verdict.OK);
        assertThat(above.verdict()).isEqualTo(Verdict.NO);
        assertThat(above.firstOff()).containsExactly("shutter blades");
        assertThat(above.reasons()).anyMatch(reason -> reason.contains("dries on the blades"));
        assertThat(way(ways("gummedTrain", List.of("brassSteel"), BLADES), "naphtha", "brush")
                        .verdict())
                .isEqualTo(Verdict.OK);
    }

    @Test
    void acetoneBesidePaintWantsCareWithASwabAndIsNotForThePaintItself() {
        assertThat(way(ways("adhesive", List.of("brassSteel"), SCALE), "acetone", "swab")
                        .verdict())
                .isEqualTo(Verdict.CARE);
        assertThat(way(ways("adhesive", List.of("paintedPaint")), "acetone", "swab")
                        .verdict())
                .isEqualTo(Verdict.NO);
    }

    @Test
    void noWiperOnSilverAndNoFlammableAgentInTheBath() {
        assertThat(ways("fingerprints", List.of("frontMirror"))).allMatch(one -> one.verdict() == Verdict.NO);
        assertThat(ways("grease", List.of("brassSteel")))
                .filteredOn(one -> one.method().id().equals("ultrasonic"))
                .isNotEmpty()
                .allMatch(one -> one.agent().waterBased() && !one.agent().flammable());
    }

    @Test
    void theKindestStandsFirst() {
        List<Verdict> verdicts = ways("grease", List.of("brassSteel", "paintedPaint"), BLADES).stream()
                .map(CleaningAdvice.Proposal::verdict)
                .toList();

        assertThat(verdicts).isSortedAccordingTo(java.util.Comparator.comparingInt(Materials::rank));
    }

    @Test
    void whatLiesInTheTrayHasNothingNear() {
        Logs earlier = Logs.camera()
                .add(StripEntry.Removed.of("front plate", Side.FRONT, true))
                .add(StripEntry.Removed.of("retard train", Side.FRONT, true))
                .add(StripEntry.Removed.of("shutter blades", Side.FRONT, false));
        ModelKnowledge known = ModelKnowledge.of(List.of(earlier.picture()));
        Logs now = Logs.camera().add(StripEntry.Removed.of("front plate", Side.FRONT, true));

        assertThat(NearParts.of(
                        "retard train", now.picture().valley(), now.picture().treat(), known, TABLE))
                .extracting(CleaningAdvice.Near::part)
                .containsExactly("shutter blades");
        now.add(StripEntry.Removed.of("retard train", Side.FRONT, true));
        assertThat(NearParts.of(
                        "retard train", now.picture().valley(), now.picture().treat(), known, TABLE))
                .isEmpty();
    }

    @Test
    void aWayThatHarmsIsRefusedWithoutAReason() {
        TreatEntry.Cleaned bath = new TreatEntry.Cleaned(
                PartName.of("lens"),
                Named.of("detergent"),
                List.of("coatedGlass"),
                Verdict.CARE,
                "",
                "grease",
                "ultrasonic");

        assertThat(TABLE.objection(bath)).hasValueSatisfying(refusal -> {
            assertThat(refusal.code()).isEqualTo("wayHarms");
            assertThat(refusal.message()).contains("cemented groups come apart");
        });
        assertThat(TABLE.objection(new TreatEntry.Cleaned(
                        PartName.of("lens"),
                        Named.of("detergent"),
                        List.of("coatedGlass"),
                        Verdict.CARE,
                        "a single element, no cement",
                        "grease",
                        "ultrasonic")))
                .isEmpty();
    }

    @Test
    void goesOverAGlassAreCountedByItAndADryRunCountsUntilTheNextCleaning() {
        PartName lens = PartName.of("front lens");
        Logs logs = Logs.camera();
        logs.put(new TreatEntry.Cleaned(
                lens, Named.of("opticalCleaner"), List.of("coatedGlass"), Verdict.OK, "", "haze", "swab"));
        logs.put(new TreatEntry.Cleaned(
                lens, Named.of("isopropyl"), List.of("coatedGlass"), Verdict.OK, "", "haze", "swab"));
        logs.put(new TreatEntry.Cleaned(
                lens, Named.of("naphtha"), List.of("brassSteel"), Verdict.OK, "", "grease", "swab"));

        assertThat(logs.picture().treat().passes(lens, TABLE.opticsSoils())).isEqualTo(2);

        PartName train = PartName.of("retard train");
        logs.after(1).put(new TreatEntry.Cleaned(train, "naphtha", List.of("brassSteel"), Verdict.OK, ""));
        assertThat(logs.picture().treat().ranDry(train)).isEmpty();
        logs.after(1).put(new TreatEntry.RunDry(train, DryRunResult.ROUGH, ""));
        assertThat(logs.picture().treat().ranDry(train).orElseThrow().result()).isEqualTo(DryRunResult.ROUGH);
        logs.after(1).put(new TreatEntry.Cleaned(train, "isopropyl", List.of("brassSteel"), Verdict.OK, ""));
        assertThat(logs.picture().treat().ranDry(train)).isEmpty();
    }
}
