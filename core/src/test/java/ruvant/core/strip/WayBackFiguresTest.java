package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruvant.core.ShippedAnatomy;
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.knowledge.OrderMet;
import ruvant.core.trade.BodyType;

/**
 * What the order of parts comes to on strips that were written down part by part, with what truly lies over what. Of them
 * "practice" was used to find the rule, "aside" was written before it and looked at once it stood, and the others were
 * written after it, one batch at a time; docs/way-back.md says what each came to at first sight.
 */
class WayBackFiguresTest {
    private static final List<String> FOLDERS =
            List.of("practice", "aside", "late", "last", "fresh", "added", "unseen", "blind");
    private static final double MOST_WRONG = 0.003;

    private enum Teaching {
        NOTHING,
        BY_WORK,
        BY_ANSWERS
    }

    private record Asked(String folder, BodyPlans plans, Teaching how) {}

    private static final Map<Asked, OrderTally> TALLIES = new HashMap<>();

    private static OrderTally tally(String folder, BodyPlans plans, Teaching how) {
        return TALLIES.computeIfAbsent(new Asked(folder, plans, how), asked -> walked(folder, plans, how));
    }

    private static OrderTally walked(String folder, BodyPlans plans, Teaching how) {
        OrderTally tally = new OrderTally(plans);
        for (StripOnPaper strip : StripOnPaper.in(folder)) {
            Taught taught = how == Teaching.NOTHING
                    ? Taught.NOTHING
                    : OrderMet.of(List.of(tally.taughtBy(strip, how == Teaching.BY_ANSWERS, 11)));
            tally.walk(strip, taught, 7);
        }
        return tally;
    }

    @Test
    void thereAreStripsOfEveryBodyFromEightToSixtyParts() {
        List<StripOnPaper> all = FOLDERS.stream()
                .flatMap(folder -> StripOnPaper.in(folder).stream())
                .toList();
        assertThat(all).hasSizeGreaterThanOrEqualTo(40);
        assertThat(all).extracting(StripOnPaper::body).contains(BodyType.values());
        assertThat(all.stream().mapToInt(strip -> strip.removals().size()).min().orElseThrow())
                .isLessThanOrEqualTo(8);
        assertThat(all.stream().mapToInt(strip -> strip.removals().size()).max().orElseThrow())
                .isEqualTo(60);
    }

    @Test
    void hardlyAnythingIsAllowedThatMustWaitAndMostOfWhatMayGoIsFree() {
        for (String folder : FOLDERS) {
            OrderTally untaught = tally(folder, ShippedAnatomy.PLANS, Teaching.NOTHING);
            assertThat(untaught.wrongShare())
                    .as("%s: %s", folder, untaught.allowedWrongly())
                    .isLessThanOrEqualTo(MOST_WRONG);
            assertThat(untaught.freeShare()).as(folder).isGreaterThanOrEqualTo(0.6);
        }
    }

    @Test
    void oneJobThatTaughtTheModelLeavesNothingWrongAndNineInTenFree() {
        for (String folder : FOLDERS) {
            OrderTally taught = tally(folder, ShippedAnatomy.PLANS, Teaching.BY_ANSWERS);
            assertThat(taught.allowedWrongly()).as(folder).isEmpty();
            assertThat(taught.freeShare()).as(folder).isGreaterThanOrEqualTo(0.9);
        }
    }

    /** Writes the page only when asked to: {@code -Druvant.writeFigures=true}. */
    @Test
    void thePageSaysWhatWasMeasured() throws IOException {
        Path page = Path.of("..", "docs", "way-back.md");
        String figures = figures();
        if (Boolean.getBoolean("ruvant.writeFigures")) {
            String text = Files.readString(page);
            String head = text.substring(0, text.indexOf("<!-- figures -->") + "<!-- figures -->".length());
            Files.writeString(page, head + "\n\n" + figures);
        }
        assertThat(Files.readString(page)).endsWith(figures);
    }

    private static String figures() {
        List<String> rows = new ArrayList<>(List.of(
                "| strips | what is known | judgements | allowed wrongly | free at once |", "|---|---|---|---|---|"));
        for (String folder : FOLDERS) {
            int strips = StripOnPaper.in(folder).size();
            rows.add(row(
                    folder + " (" + strips + ")", "columns only", tally(folder, BodyPlans.UNKNOWN, Teaching.NOTHING)));
            rows.add(row(folder, "how such cameras are built", tally(folder, ShippedAnatomy.PLANS, Teaching.NOTHING)));
            rows.add(row(
                    folder,
                    "and one job of the model, keys pressed only for what went back next",
                    tally(folder, ShippedAnatomy.PLANS, Teaching.BY_WORK)));
            rows.add(row(
                    folder,
                    "and one job of the model, every needless wait freed when it was seen",
                    tally(folder, ShippedAnatomy.PLANS, Teaching.BY_ANSWERS)));
        }
        return String.join("\n", rows) + "\n";
    }

    private static String row(String folder, String known, OrderTally tally) {
        return String.format(
                Locale.ROOT,
                "| %s | %s | %,d | %.2f %% | %.1f %% |",
                folder,
                known,
                tally.judged(),
                100 * tally.wrongShare(),
                100 * tally.freeShare());
    }

    /** Nothing that speaks about the strips is left out of the page by mistake. */
    @Test
    void everyFolderOfStripsIsMeasured() throws Exception {
        Path strips = Path.of(getClass().getResource("strips").toURI());
        try (Stream<Path> folders = Files.list(strips)) {
            assertThat(new TreeSet<>(
                            folders.map(one -> one.getFileName().toString()).toList()))
                    .isEqualTo(new TreeSet<>(Arrays.asList(FOLDERS.toArray())));
        }
    }
}
