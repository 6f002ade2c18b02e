package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.ShippedData;
import ruvant.core.house.School;
import ruvant.core.trade.Verdict;
import ruvant.core.units.FieldProblem;

class TablesTest {
    private final Materials materials = ShippedData.beside(Materials.class, "materials.json", Materials.class);
    private final Lubrication lubrication = ShippedData.beside(Materials.class, "lubrication.json", Lubrication.class);

    @ParameterizedTest
    @CsvSource({
        "naphtha, brassSteel, OK",
        "naphtha, clothCurtain, NO",
        "naphtha, coatedGlass, CARE",
        "acetone, paintedPaint, NO",
        "acetone, phenolic, NO",
        "isopropyl, phenolic, OK",
        "detergent, brassSteel, CARE",
        "detergent, screen, OK",
        "isopropyl, screen, NO",
        "acetone, meterMovement, NO",
        "distilledWater, brassSteel, NOT_LISTED",
        "denaturedAlcohol, frontMirror, NO",
        "penetratingOil, brassSteel, OK",
        "metalPolish, aluminium, CARE"
    })
    void verdicts(String agent, String material, Verdict verdict) {
        assertThat(materials.judge(agent, List.of(material)).verdict()).isEqualTo(verdict);
    }

    @Test
    void theWorstMaterialDecidesAndIsNamed() {
        var judgement = materials.judge("naphtha", List.of("brassSteel", "coatedGlass", "clothCurtain"));
        assertThat(judgement.verdict()).isEqualTo(Verdict.NO);
        assertThat(judgement.reasons())
                .containsExactly(
                        "coated glass: care, smears, drags dirt",
                        "cloth curtain: no, strips the rubber from the cloth");
    }

    @Test
    void agentsComeKindestFirst() {
        var verdicts = materials.judgeAll(List.of("leatherette")).stream()
                .map(Materials.Judgement::verdict)
                .toList();
        assertThat(verdicts).hasSize(12).startsWith(Verdict.OK).endsWith(Verdict.NO);
    }

    @Test
    void everyVerdictSpeaksOfAKnownMaterial() {
        var known = materials.materials().stream().map(Materials.Material::id).toList();
        materials
                .agents()
                .forEach(agent -> assertThat(known)
                        .as(agent.id())
                        .containsAll(agent.verdicts().keySet()));
    }

    @Test
    void unknownAgentsAndMaterialsAreRefused() {
        assertThatThrownBy(() -> materials.judge("bleach", List.of("brassSteel")))
                .isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> materials.judge("naphtha", List.of("cheese"))).isInstanceOf(FieldProblem.class);
    }

    @Test
    void guessesMaterialsFromAPartsName() {
        assertThat(materials.guess("taking lens")).containsExactly("coatedGlass");
        assertThat(materials.guess("leading curtain")).containsExactly("clothCurtain");
        assertThat(materials.guess("thing")).containsExactly("brassSteel");
    }

    @Test
    void everySchoolHasItsLubricantForEveryPointAndKnowsIt() {
        var known =
                lubrication.lubricants().stream().map(Lubrication.Lubricant::id).toList();
        for (Lubrication.PointKind point : lubrication.points()) {
            assertThat(point.bySchool()).as(point.id()).containsOnlyKeys(School.values());
            assertThat(known).containsAll(point.never());
            point.suggested().forEach((school, lubricant) -> {
                if (!lubricant.isEmpty()) {
                    assertThat(known).contains(lubricant);
                    assertThat(point.never()).as("%s, %s", point.id(), school).doesNotContain(lubricant);
                }
            });
        }
        assertThat(lubrication.guess("retard train pivots").orElseThrow().id()).isEqualTo("leafTrain");
    }
}
