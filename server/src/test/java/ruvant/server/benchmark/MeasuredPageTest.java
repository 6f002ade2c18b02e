package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatNoException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeasuredPageTest {
    @TempDir
    Path folder;

    @Test
    void onlyWhatLiesBetweenTheMarksIsWrittenAnew() throws IOException {
        Path page = folder.resolve("page.md");
        Files.writeString(page, "# Before\n<!-- measured -->\nold figures\n<!-- /measured -->\nafter\n");
        MeasuredPage measured = new MeasuredPage(page);
        measured.say("| new | 1 |");
        measured.write();
        assertThat(page).content().isEqualTo("# Before\n<!-- measured -->\n| new | 1 |\n<!-- /measured -->\nafter\n");
    }

    @Test
    void aPageWithoutAPlaceForThemIsRefusedBeforeAnythingIsMeasured() throws IOException {
        Path page = folder.resolve("page.md");
        for (String text : List.of("# Nothing is measured here\n", "# Before\n<!-- measured -->\nold figures\n")) {
            Files.writeString(page, text);
            assertThatThrownBy(() -> new MeasuredPage(page))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("no place");
            assertThat(page).content().isEqualTo(text);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"judgement.md", "measurement.md"})
    void thePagesOfTheDocumentsHaveTheirPlace(String page) {
        assertThatNoException().isThrownBy(() -> new MeasuredPage(Path.of("..", "docs", page)));
    }
}
