package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.ShippedData;
import ruvant.core.trade.Verdict;

/** What the shipped tables owe whoever trusts them. */
class ShippedTablesTest {
    private final Materials materials = ShippedData.of(Materials.class, "materials.json");

    @Test
    void everyCareAndEveryNoHasAReason() {
        List<String> silent = new ArrayList<>();
        materials
                .agents()
                .forEach(agent -> agent.verdicts().forEach((material, verdict) -> {
                    if (verdict.verdict() != Verdict.OK && verdict.reason().isBlank()) {
                        silent.add(agent.id() + " on " + material);
                    }
                }));
        assertThat(silent).isEmpty();
    }

    @Test
    void whatBurnsSaysSo() {
        assertThat(materials.agents().stream().filter(Materials.Agent::flammable))
                .allMatch(agent -> agent.caution().equals("flammable"))
                .extracting(Materials.Agent::id)
                .contains("opticalCleaner", "penetratingOil", "naphtha");
    }

    @Test
    void nothingThatBurnsIsOfferedForATank() {
        List<Materials.Method> tanks =
                materials.methods().stream().filter(Materials.Method::onlyWater).toList();
        assertThat(tanks).isNotEmpty();
        for (Materials.Soil soil : materials.soils()) {
            assertThat(CleaningAdvice.of(materials, soil.id(), List.of("brassSteel"), List.of()))
                    .noneMatch(way -> way.agent().flammable() && way.method().onlyWater());
        }
    }
}
