package ruvant.core.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.log.Entry;
import ruvant.core.log.Folding;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.log.RecordEntry;
import ruvant.core.log.Rooms;
import ruvant.core.log.Standing;
import ruvant.core.trade.Family;
import ruvant.core.units.Refusal;

/** Settings and sheets as logs: the last holds, a strike brings back what held before, nobody overwrites unseen. */
class ShopLogsTest {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");
    private static final SpeedLimits NARROW = new SpeedLimits(0.2, 0.3, 0.1, 0.3, 0.4);

    private final Rooms rooms = new Rooms(List.of(new HouseRoom(), new SheetRoom()));
    private final Kernel kernel = new Kernel(rooms, folding -> Standing.NONE);
    private Log<Entry> log = Log.empty(new LogName("house"));

    private Optional<Refusal> add(Entry entry) {
        List<Line> lines = Kernel.numbered(log, "Ada", List.of(NewLine.of(entry)), NOW, Optional.empty());
        Kernel.Outcome<Entry> outcome = kernel.added(log, lines, Optional.empty());
        log = outcome.log();
        return outcome.refusal();
    }

    private UUID last() {
        return log.lines().getLast().id();
    }

    private HousePractice practice() {
        return Folding.of(rooms, log).of(HouseRoom.Fold.class).practice();
    }

    private List<ModelSheet> sheets() {
        return Folding.of(rooms, log).of(SheetRoom.Fold.class).sheets();
    }

    private static ModelSheet sheet(String model, double seconds) {
        return new ModelSheet(
                "Pellworm",
                model,
                "service sheet",
                Optional.empty(),
                Map.of("1/500", seconds),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void theLastSettingHoldsAndAStrikeBringsBackTheOneBefore() {
        add(new HouseEntry.StreakSet(24));
        add(new HouseEntry.StreakSet(48));
        assertThat(practice().standards().streakLength()).isEqualTo(48);

        UUID second = last();
        add(new RecordEntry.Struck(second, "a slip"));
        assertThat(practice().standards().streakLength()).isEqualTo(24);
        add(new RecordEntry.StrikeUndone(second));
        assertThat(practice().standards().streakLength()).isEqualTo(48);
    }

    @Test
    void limitsOfOneFamilyLeaveTheOthersAlone() {
        add(new HouseEntry.LimitsSet(Family.LEAF_UNIT, NARROW));
        add(new HouseEntry.LimitsSet(Family.FOCAL_CLOTH, new SpeedLimits(0.4, 0.5, 0.2, 0.4, 0.6)));
        add(new HouseEntry.LimitsSet(Family.FOCAL_CLOTH, null));
        assertThat(practice().speeds().limits())
                .containsEntry(Family.LEAF_UNIT, NARROW)
                .doesNotContainKey(Family.FOCAL_CLOTH);
    }

    @Test
    void aSheetKeptAgainTakesThePlaceOfTheFirstAndOneUnknownIsNotTakenBack() {
        add(new SheetEntry.SheetKept(sheet("Twin", 0.0021)));
        add(new SheetEntry.SheetKept(sheet("Twin", 0.0025)));
        assertThat(sheets()).containsExactly(sheet("Twin", 0.0025));
        assertThat(add(new SheetEntry.SheetTakenBack("Pellworm", "Single")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("sheetUnknown"));
        assertThat(add(new SheetEntry.SheetTakenBack("Pellworm", "Twin"))).isEmpty();
        assertThat(sheets()).isEmpty();
    }

    @Test
    void whatRestsOnAStruckSheetIsNamed() {
        add(new SheetEntry.SheetKept(sheet("Twin", 0.0021)));
        UUID kept = last();
        add(new SheetEntry.SheetTakenBack("Pellworm", "Twin"));
        assertThat(add(new RecordEntry.Struck(kept, "")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("restsOnIt"));
    }

    @Test
    void whoeverHasNotSeenWhatAnotherWindowSetIsShownIt() {
        add(new HouseEntry.StreakSet(24));
        long seen = log.lastSequence();
        add(new HouseEntry.StreakSet(48));
        add(new HouseEntry.GlassPassesSet(5));
        List<Line> mine =
                Kernel.numbered(log, "Ben", List.of(NewLine.of(new HouseEntry.StreakSet(12))), NOW, Optional.empty());
        assertThat(kernel.unseen(log, seen, mine))
                .extracting(Line::entry)
                .containsExactly(new HouseEntry.StreakSet(48));
        assertThat(kernel.unseen(log, log.lastSequence(), mine)).isEmpty();
        List<Line> another = Kernel.numbered(
                log, "Ben", List.of(NewLine.of(new HouseEntry.SchoolChosen(School.DRY))), NOW, Optional.empty());
        assertThat(kernel.unseen(log, seen, another)).isEmpty();
    }

    /** Two windows, each changing what it likes on the view it has: whatever was stored holds, or was seen to go. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void twoWindowsLoseNothing(long seed) {
        Random random = new Random(seed);
        long[] seen = {0, 0};
        List<Entry> overwrittenUnseen = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            int window = random.nextInt(2);
            if (random.nextInt(3) == 0) {
                seen[window] = log.lastSequence();
            }
            Entry entry = random.nextBoolean()
                    ? new HouseEntry.StreakSet(1 + random.nextInt(90))
                    : new HouseEntry.GlassPassesSet(1 + random.nextInt(20));
            List<Line> mine =
                    Kernel.numbered(log, "window " + window, List.of(NewLine.of(entry)), NOW, Optional.empty());
            List<Line> unseen = kernel.unseen(log, seen[window], mine);
            if (unseen.isEmpty()) {
                log.after(seen[window]).stream()
                        .map(Line::entry)
                        .filter(other -> other.getClass() == entry.getClass())
                        .forEach(overwrittenUnseen::add);
                add(entry);
                assertThat(
                                entry instanceof HouseEntry.StreakSet streak
                                        ? practice().standards().streakLength() == streak.length()
                                        : practice().standards().glassPasses()
                                                == ((HouseEntry.GlassPassesSet) entry).most())
                        .isTrue();
            } else {
                seen[window] = log.lastSequence();
            }
        }
        assertThat(overwrittenUnseen).isEmpty();
        assertThat(log.lines()).hasSizeGreaterThan(10);
    }
}
