package ruvant.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.ShippedLists;
import ruvant.core.house.ListChanges;
import ruvant.core.house.ListsEntry;
import ruvant.core.house.ListsRoom;
import ruvant.core.trade.TradeLists;

/**
 * Over random changes, takings back and strikes: what stands is the last change of each entry that was neither taken back
 * since nor struck, in whatever order it came about.
 */
class ChangesPropertiesTest {
    private static final List<String> CELLS = List.of("one", "two", "three", "four");

    private final Random random = new Random(20310304);

    /** What a list of steps comes to, reckoned apart from the log: an id with its figure, or with none for taken back. */
    private record Step(String id, double freshVolts, boolean back) {
        ListsEntry entry() {
            return back
                    ? new ListsEntry.ListTakenBack(id)
                    : new ListsEntry.ListsChanged(new ListChanges(
                            List.of(),
                            List.of(),
                            List.of(new TradeLists.MeterCell(id, "cell " + id, freshVolts, 1, "")),
                            List.of(),
                            List.of()));
        }
    }

    private static Map<String, Double> apart(List<Step> steps) {
        Map<String, Double> stands = new LinkedHashMap<>();
        for (Step step : steps) {
            if (step.back()) {
                stands.remove(step.id());
            } else {
                stands.put(step.id(), step.freshVolts());
            }
        }
        return stands;
    }

    private static Map<String, Double> told(ShopLog log) {
        return log.fold(ListsRoom.Fold.class).changes().cells().stream()
                .collect(Collectors.toMap(TradeLists.MeterCell::id, TradeLists.MeterCell::freshVolts));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void theLogComesToWhatItsStepsComeTo(int seed) {
        random.setSeed(seed);
        ShopLog log = new ShopLog(new ListsRoom(ShippedLists.LISTS));
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            String id = CELLS.get(random.nextInt(CELLS.size()));
            Step step = new Step(id, 1 + random.nextInt(20) / 10.0, random.nextInt(3) == 0);
            boolean refused = log.add(step.entry()).isPresent();
            assertThat(refused)
                    .as("only what was changed can be taken back")
                    .isEqualTo(step.back() && !apart(steps).containsKey(id));
            if (!refused) {
                steps.add(step);
                if (random.nextInt(4) == 0) {
                    assertThat(log.strikeLast()).isEmpty();
                    steps.removeLast();
                }
            }
            assertThat(told(log)).isEqualTo(apart(steps));
        }
        TradeLists here = log.fold(ListsRoom.Fold.class).changes().in(ShippedLists.LISTS);
        assertThat(here.cells())
                .hasSize(ShippedLists.LISTS.cells().size() + told(log).size());
        assertThat(here.words()).isEqualTo(ShippedLists.LISTS.words());
    }
}
