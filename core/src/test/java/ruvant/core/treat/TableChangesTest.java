package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.knowledge.MadeOf;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Side;
import ruvant.core.trade.Verdict;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;

class TableChangesTest {
    private static final Materials SHIPPED = new Materials(
            1,
            List.of(
                    new Materials.Material("metal", "Metal", List.of("plate")),
                    new Materials.Material("cloth", "Cloth", List.of("curtain"))),
            List.of(agent("naphtha", Map.of("metal", Verdict.OK, "cloth", Verdict.NO))),
            List.of(new Materials.Soil("grease", "Grease", List.of("naphtha"), List.of("swab"), "", false, "")),
            List.of(new Materials.Method("swab", "swab", false, "", false, Map.of())),
            List.of());

    private static Materials.Agent agent(String id, Map<String, Verdict> verdicts) {
        return new Materials.Agent(
                id,
                "Agent " + id,
                "",
                10,
                true,
                verdicts.entrySet().stream()
                        .collect(java.util.stream.Collectors.toMap(
                                Map.Entry::getKey, one -> new Materials.VerdictWhy(one.getValue(), ""))));
    }

    private static TableChanges changes(
            List<Materials.Material> materials, List<Materials.Agent> agents, List<Materials.Soil> soils) {
        return new TableChanges(materials, agents, soils, List.of());
    }

    @Test
    void aChangedVerdictCountsAtOnceAndIsShownToDiffer() {
        TableChanges changes = changes(
                List.of(), List.of(agent("naphtha", Map.of("metal", Verdict.OK, "cloth", Verdict.CARE))), List.of());

        assertThat(changes.in(SHIPPED).judge("naphtha", List.of("cloth")).verdict())
                .isEqualTo(Verdict.CARE);
        assertThat(changes.differences(SHIPPED))
                .containsExactly(new TableChanges.Difference("naphtha", "cloth", Verdict.NO, Verdict.CARE));
        assertThat(changes.without("naphtha", SHIPPED).differences(SHIPPED)).isEmpty();
    }

    @Test
    void anAgentOfOnesOwnIsOfferedForItsSoilsAndJudgedLikeTheOthers() {
        TableChanges changes = changes(
                List.of(),
                List.of(agent("ether", Map.of("metal", Verdict.OK))),
                List.of(new Materials.Soil(
                        "grease", "Grease", List.of("naphtha", "ether"), List.of("swab"), "", false, "")));

        Materials here = changes.in(SHIPPED);
        assertThat(CleaningAdvice.of(here, "grease", List.of("metal"), List.of()))
                .extracting(one -> one.agent().id())
                .containsExactly("naphtha", "ether");
        assertThat(here.judge("ether", List.of("cloth")).verdict()).isEqualTo(Verdict.NOT_LISTED);
        assertThat(here.objection(
                        new TreatEntry.Cleaned(PartName.of("plate"), "ether", List.of("metal"), Verdict.OK, "")))
                .isEmpty();
    }

    @Test
    void whatIsTakenBackIsSpokenOfNoMore() {
        Materials.Soil grease =
                new Materials.Soil("grease", "Grease", List.of("naphtha", "ether"), List.of("swab"), "", false, "");
        TableChanges changes = changes(
                List.of(new Materials.Material("zinc", "Zinc", List.of("casting"))),
                List.of(
                        agent("ether", Map.of("metal", Verdict.OK)),
                        agent("naphtha", Map.of("metal", Verdict.OK, "cloth", Verdict.NO, "zinc", Verdict.CARE))),
                List.of(grease));

        TableChanges withoutEther = changes.without("ether", SHIPPED);
        assertThat(withoutEther.ids()).containsExactlyInAnyOrder("zinc", "naphtha");
        assertThat(withoutEther.in(SHIPPED).soils()).isEqualTo(SHIPPED.soils());
        assertThat(withoutEther.without("zinc", SHIPPED)).isEqualTo(TableChanges.NONE);
        assertThat(changes.without("naphtha", SHIPPED).soils())
                .as("naphtha ships")
                .containsExactly(grease);
    }

    @Test
    void aMaterialOfOnesOwnIsGuessedByItsWords() {
        Materials here = changes(
                        List.of(new Materials.Material("zinc", "Zinc casting", List.of("casting"))),
                        List.of(),
                        List.of())
                .in(SHIPPED);
        assertThat(here.guess("body casting")).containsExactly("zinc");
        assertThat(here.judge("naphtha", List.of("zinc")).verdict()).isEqualTo(Verdict.NOT_LISTED);
    }

    @Test
    void whatSpeaksOfNothingIsRefused() {
        assertThatThrownBy(() -> changes(List.of(), List.of(agent("ether", Map.of("moon", Verdict.OK))), List.of())
                        .in(SHIPPED))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("moon");
        assertThatThrownBy(() -> new TableChanges(
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(new Lubrication.WaitKind("coat", "Coat", 60, 30, "", "", ""))))
                .isInstanceOf(FieldProblem.class);
    }

    @Test
    void aWaitOfOnesOwnTakesThePlaceOfTheOneThatShips() {
        Lubrication shipped = new Lubrication(
                1, List.of(), List.of(), List.of(new Lubrication.WaitKind("coat", "Coat", 60, 0, "", "", "")));
        TableChanges changes = new TableChanges(
                List.of(), List.of(), List.of(), List.of(new Lubrication.WaitKind("coat", "Coat", 90, 0, "", "", "")));
        assertThat(changes.in(shipped).waits())
                .extracting(Lubrication.WaitKind::minutes)
                .containsExactly(90);
        assertThat(changes.ids()).containsExactly("coat");
    }

    @Test
    void whatWasSaidOfAPartCountsBeforeWhatItsNamePointsTo() {
        PartName plate = PartName.of("front plate");
        Logs here = Logs.camera().add(StripEntry.Removed.of("front plate", Side.FRONT, true));
        ModelKnowledge nothing = ModelKnowledge.of(List.of());
        assertThat(MadeOf.of(plate, here.picture().treat(), nothing, SHIPPED))
                .isEqualTo(new MadeOf(List.of("metal"), MadeOf.From.GUESSED));

        Logs other = Logs.camera().add(new TreatEntry.MadeOf(plate, List.of("cloth")));
        ModelKnowledge known = ModelKnowledge.of(List.of(other.picture()));
        assertThat(MadeOf.of(plate, here.picture().treat(), known, SHIPPED).from())
                .isEqualTo(MadeOf.From.SAID_OF_THE_MODEL);
        here.add(new TreatEntry.MadeOf(plate, List.of("metal", "cloth")));
        assertThat(MadeOf.of(plate, here.picture().treat(), known, SHIPPED))
                .isEqualTo(new MadeOf(List.of("metal", "cloth"), MadeOf.From.SAID_HERE));
    }
}
