package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.house.School;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.DryRunResult;
import ruvant.core.trade.Family;
import ruvant.core.trade.Side;
import ruvant.core.trade.Verdict;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class OilSheetTest {
    private static final PartName TRAIN = PartName.of("gear train");
    private static final Lubrication TABLE = new Lubrication(
            1,
            List.of(
                    kind("train", "trains", "oil", "gear train"),
                    kind("blades", "blades", "none", "blade"),
                    kind("helicoid", "helicoid", "grease", "helicoid")),
            List.of(
                    new Lubrication.Lubricant("none", "Left dry"),
                    new Lubrication.Lubricant("oil", "Oil"),
                    new Lubrication.Lubricant("grease", "Grease")),
            List.of(),
            Map.of(
                    Family.LEAF_LENS,
                    List.of(
                            new Lubrication.FamilyPoint("blades", "blades", "blades"),
                            new Lubrication.FamilyPoint("helicoid", "helicoid", "helicoid"))),
            "oil",
            List.of(List.of("gear train", "slow train")));

    private final Logs logs = Logs.camera();

    private static Lubrication.PointKind kind(String id, String label, String usual, String word) {
        return new Lubrication.PointKind(
                id,
                label,
                Map.of(School.OIL, "a speck of " + usual, School.DRY, "nothing"),
                Map.of(School.OIL, usual, School.DRY, "none"),
                List.of(),
                "",
                List.of(word));
    }

    private List<OilSheet.OilRow> sheet(OilSheet.KnownPoint... known) {
        return OilSheet.of(
                logs.picture().treat(),
                logs.picture().valley().parts().stream().map(ValleyPart::name).toList(),
                List.of(known),
                TABLE,
                School.OIL,
                Family.LEAF_LENS,
                logs.now());
    }

    private OilSheet.OilRow train(OilSheet.KnownPoint... known) {
        return sheet(known).stream()
                .filter(row -> row.part().equals(TRAIN))
                .findFirst()
                .orElseThrow();
    }

    private void cleaned() {
        logs.add(new TreatEntry.Cleaned(TRAIN, "naphtha", List.of("metal"), Verdict.OK, ""));
    }

    private void oiled(String point, String with) {
        logs.put(new TreatEntry.Lubricated(TRAIN, point, "train", with, ""));
    }

    @Test
    void pointsComeFromTheModelThenFromThePartsThenFromTheFamily() {
        logs.add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        logs.add(StripEntry.Removed.of("shutter blades", Side.FRONT, false));

        assertThat(sheet(new OilSheet.KnownPoint(TRAIN, Named.of("upper pivots"), "train", 3, 0)))
                .extracting(row -> row.point() + " " + row.origin().because())
                .containsExactly("upper pivots MODEL", "shutter blades PARTS", "helicoid FAMILY");
    }

    @Test
    void oneThingUnderTwoNamesIsOnePoint() {
        logs.add(StripEntry.Removed.of("slow train", Side.FRONT, false));
        assertThat(sheet(new OilSheet.KnownPoint(TRAIN, Named.of("upper pivots"), "train", 3, 0)))
                .extracting(row -> row.part().text())
                .containsExactly("gear train", "blades", "helicoid");
        logs.add(new TreatEntry.Cleaned(PartName.of("slow train"), "naphtha", List.of("metal"), Verdict.OK, ""));
        assertThat(train(new OilSheet.KnownPoint(TRAIN, Named.of("upper pivots"), "train", 3, 0))
                        .stands()
                        .cleaned())
                .isTrue();
    }

    @Test
    void theLongestWordInANameTellsItsKind() {
        assertThat(TABLE.guess("gear train of the blades").map(Lubrication.PointKind::id))
                .contains("train");
        assertThat(TABLE.guess("rear blades").map(Lubrication.PointKind::id)).contains("blades");
        assertThat(TABLE.guess("bezel")).isEmpty();
    }

    @Test
    void aPointIsCleanedThenDryThenOiled() {
        logs.add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.CLEAN);

        cleaned();
        logs.add(new TreatEntry.WaitStarted(TRAIN, "flash-off", 30));
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.WAIT);
        assertThat(train().stands().dryAt()).contains(logs.now().plusSeconds(1800));

        logs.after(31).add(new TreatEntry.RunDry(TRAIN, DryRunResult.ROUGH, ""));
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.CLEAN_AGAIN);
        cleaned();
        logs.after(1).add(new TreatEntry.RunDry(TRAIN, DryRunResult.FREE, ""));
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.OIL);
        assertThat(train().house().lubricant()).isEqualTo("oil");
        assertThat(train().house().words()).isEqualTo("a speck of oil");

        oiled("gear train", "oil");
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.DONE);
        assertThat(train().put().with()).contains("Oil");
        assertThat(train().put().remark()).isEqualTo("has its oil; more would creep");
    }

    @Test
    void tooMuchIsSaidAndCleaningBeginsAnew() {
        logs.add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        cleaned();
        oiled("gear train", "oil");
        oiled("gear train", "oil");
        assertThat(train().put().times()).isEqualTo(2);
        assertThat(train().put().remark()).startsWith("oiled 2 times").endsWith("Clean it again.");

        logs.after(5);
        cleaned();
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.OIL);
        assertThat(train().put().remark()).isEmpty();
    }

    @Test
    void leftDryOnPurposeIsDoneAndNeverTooMuch() {
        logs.add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        oiled("gear train", "none");
        assertThat(train().stands().next()).isEqualTo(OilSheet.Next.DONE);
        assertThat(train().put().times()).isZero();
        assertThat(train().put().remark()).isEmpty();
    }

    @Test
    void eachSchoolStandsBesideTheOthers() {
        logs.add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        assertThat(train().house().bySchool().get(School.DRY)).isEqualTo(new OilSheet.OfSchool("none", "nothing"));
        assertThat(train().house().bySchool().get(School.PASTE)).isEqualTo(new OilSheet.OfSchool("", ""));
    }

    @Test
    void pointsOfEarlierCamerasAreLearnedAndGateTheNext() {
        Logs earlier = Logs.camera().add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        earlier.put(new TreatEntry.Lubricated(TRAIN, "upper pivots", "train", "oil", ""));
        earlier.put(new TreatEntry.Lubricated(TRAIN, "lower pivots", "train", "oil", ""));
        ModelKnowledge known = ModelKnowledge.of(List.of(earlier.picture(), earlier.picture()));
        assertThat(known.oilPoints()).extracting(OilSheet.KnownPoint::jobs).containsExactly(2, 2);

        logs.add(StripEntry.Removed.of("front plate", Side.FRONT, true));
        logs.add(StripEntry.Removed.of("gear train", Side.FRONT, false));
        cleaned();
        oiled("upper pivots", "oil");
        ValleyPart plate = logs.picture().valley().parts().getFirst();
        assertThat(logs.stands(known.checks()).refit().checks(plate))
                .extracting(check -> check.text())
                .contains("Not oiled since it was cleaned: lower pivots")
                .doesNotContain("Not oiled since it was cleaned: upper pivots");
    }
}
