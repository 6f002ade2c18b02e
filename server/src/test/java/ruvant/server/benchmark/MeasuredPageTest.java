package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
    void aPageWithoutAPlaceForThemIsLeftAlone() throws IOException {
        Path page = folder.resolve("page.md");
        Files.writeString(page, "# Nothing is measured here\n");
        MeasuredPage measured = new MeasuredPage(page);
        measured.say("| new | 1 |");
        assertThatThrownBy(measured::write).isInstanceOf(IOException.class).hasMessageContaining("no place");
        assertThat(page).content().isEqualTo("# Nothing is measured here\n");
    }
}
