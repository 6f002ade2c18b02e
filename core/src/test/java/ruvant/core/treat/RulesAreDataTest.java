package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruvant.core.ShippedData;
import ruvant.core.house.School;

/** What a shop can change in its tables must not be written down a second time in code, where the change would not reach. */
class RulesAreDataTest {
    /** Ids that say what harms what or goes where; "none" is no lubricant but the word for leaving dry. */
    private static List<String> ids() throws IOException {
        Materials materials = ShippedData.beside(Materials.class, "materials.json", Materials.class);
        Lubrication lubrication = ShippedData.beside(Materials.class, "lubrication.json", Lubrication.class);
        return Stream.of(
                        materials.agents().stream().map(Materials.Agent::id),
                        materials.materials().stream()
                                .map(Materials.Material::id)
                                .filter(id -> id.matches(".*[A-Z].*")),
                        lubrication.lubricants().stream()
                                .map(Lubrication.Lubricant::id)
                                .filter(id -> !id.equals(Lubrication.NONE)),
                        lubrication.waits().stream().map(Lubrication.WaitKind::id))
                .flatMap(one -> one)
                .toList();
    }

    @Test
    void noAgentMaterialLubricantOrWaitIsNamedInCode() throws IOException {
        List<String> ids = ids();
        assertThat(ids).hasSizeGreaterThan(30);
        List<String> found = new ArrayList<>();
        for (Path folder : List.of(Path.of("src/main/java"), Path.of("../server/src/main/java"))) {
            try (Stream<Path> files = Files.walk(folder)) {
                for (Path file : files.filter(RulesAreDataTest::holdsRules).toList()) {
                    String code = Files.readString(file);
                    ids.stream()
                            .filter(id -> code.contains("\"" + id + "\""))
                            .forEach(id -> found.add(file.getFileName() + ": " + id));
                }
            }
        }
        assertThat(found).isEmpty();
    }

    /** The demo tells stories with them; the log line knows words of hands, which point to the tables. */
    private static boolean holdsRules(Path file) {
        String path = file.toString();
        return path.endsWith(".java")
                && !path.contains("demo")
                && !path.contains("logline")
                && !path.contains("intake");
    }

    @Test
    void familiesSpeakOfKindsThatAreThereAndWhatIsProposedElsewhereIsALubricant() throws IOException {
        Lubrication table = ShippedData.beside(Materials.class, "lubrication.json", Lubrication.class);
        table.families()
                .values()
                .forEach(points -> points.forEach(point ->
                        assertThat(table.point(point.kind())).as(point.point()).isPresent()));
        assertThat(table.families()).hasSize(ruvant.core.trade.Family.values().length);
        assertThat(table.lubricants()).extracting(Lubrication.Lubricant::id).contains(table.elsewhere());
        assertThat(table.advice("nothing known", "", "", School.OIL).lubricant())
                .isEqualTo(table.elsewhere());
    }
}
