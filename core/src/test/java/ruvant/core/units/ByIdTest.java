package ruvant.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ByIdTest {
    private record Thing(String id, int worth) implements Identified {}

    private static List<Thing> merged(List<Thing> first, List<Thing> then) {
        return ById.merged(first, then);
    }

    private static Thing thing(String id, int worth) {
        return new Thing(id, worth);
    }

    @Test
    void whatIsChangedKeepsItsPlaceAndWhatIsNewComesLast() {
        assertThat(merged(List.of(thing("a", 1), thing("b", 1), thing("c", 1)), List.of(thing("d", 2), thing("b", 2))))
                .containsExactly(thing("a", 1), thing("b", 2), thing("c", 1), thing("d", 2));
    }

    @Test
    void theLastOfTheSameIdCounts() {
        assertThat(merged(List.of(), List.of(thing("a", 1), thing("a", 2)))).containsExactly(thing("a", 2));
    }

    @Test
    void nothingChangedLeavesAllAsItIs() {
        List<Thing> all = List.of(thing("a", 1), thing("b", 2));
        assertThat(merged(all, List.of())).isEqualTo(all);
        assertThat(merged(List.of(), all)).isEqualTo(all);
    }

    @Test
    void mergingInTwoStepsIsMergingAtOnce() {
        List<Thing> first = List.of(thing("a", 1), thing("b", 1));
        List<Thing> then = List.of(thing("b", 2), thing("c", 2));
        List<Thing> last = List.of(thing("c", 3), thing("a", 3));
        assertThat(merged(merged(first, then), last)).isEqualTo(merged(first, merged(then, last)));
    }

    @Test
    void anEntryIsFoundOrLeftOutByItsIdAndNoOtherIsTouched() {
        List<Thing> all = List.of(thing("a", 1), thing("b", 2), thing("c", 3));
        assertThat(ById.find(all, "b")).contains(thing("b", 2));
        assertThat(ById.find(all, "B")).isEmpty();
        assertThat(ById.without(all, "b")).containsExactly(thing("a", 1), thing("c", 3));
        assertThat(ById.without(all, "d")).isEqualTo(all);
        assertThat(ById.ids(all, List.of(), List.of(thing("d", 4)))).containsExactly("a", "b", "c", "d");
    }
}
