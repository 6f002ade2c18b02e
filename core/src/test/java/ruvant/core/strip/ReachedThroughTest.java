package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.log.Line;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;

class ReachedThroughTest {
    private final ValleyTracks tracks = new ValleyTracks();
    private int seconds;

    private void off(String part, Side side) {
        Instant at = Instant.EPOCH.plusSeconds(++seconds);
        StripEntry.Removed removed = StripEntry.Removed.of(part, side, false);
        tracks.off(new Line(UUID.randomUUID(), seconds, at, "nobody", null, removed), removed);
    }

    private Optional<ReachedThrough> asked() {
        return ReachedThrough.of(tracks.valley());
    }

    @Test
    void aPartFromInsideIsAskedAboutWhereSeveralSidesAreOpen() {
        off("rewind knob", Side.TOP);
        off("base plate", Side.BOTTOM);
        off("front cell", Side.LENS_FRONT);
        off("mirror gear", Side.INSIDE);
        ReachedThrough question = asked().orElseThrow();
        assertThat(question.part()).isEqualTo(PartName.of("mirror gear"));
        assertThat(question.ways())
                .extracting(ReachedThrough.OpenSide::side)
                .containsExactlyInAnyOrder(Side.TOP, Side.BOTTOM, Side.FRONT);
        assertThat(question.ways())
                .filteredOn(way -> way.side() == Side.BOTTOM)
                .singleElement()
                .satisfies(way -> assertThat(way.freeOf())
                        .containsExactlyInAnyOrder(PartName.of("rewind knob"), PartName.of("front cell")));
    }

    @Test
    void ofPartsLoggedInOneMomentTheLastIsAskedAbout() {
        off("rewind knob", Side.TOP);
        off("base plate", Side.BOTTOM);
        seconds--;
        off("mirror gear", Side.INSIDE);
        assertThat(asked()).isPresent();
    }

    @Test
    void theAnswerFreesItOfTheOtherSidesAndIsNotAskedAgain() {
        off("rewind knob", Side.TOP);
        off("base plate", Side.BOTTOM);
        off("mirror gear", Side.INSIDE);
        ReachedThrough.OpenSide bottom = asked().orElseThrow().ways().stream()
                .filter(way -> way.side() == Side.BOTTOM)
                .findFirst()
                .orElseThrow();
        tracks.free(new StripEntry.FreeOf(PartName.of("mirror gear"), bottom.freeOf()));
        assertThat(tracks.valley()
                        .part(PartName.of("mirror gear"))
                        .orElseThrow()
                        .over())
                .containsExactly(PartName.of("base plate"));
        assertThat(asked()).isEmpty();
    }

    @Test
    void nothingIsAskedOfAPartOfOneSideOrWhereOneSideIsOpen() {
        off("rewind knob", Side.TOP);
        off("mirror gear", Side.INSIDE);
        assertThat(asked()).isEmpty();
        off("base plate", Side.BOTTOM);
        assertThat(asked()).isEmpty();
    }

    @Test
    void nothingIsAskedOnceAnotherPartCameOffOrTheOtherSideIsShut() {
        off("rewind knob", Side.TOP);
        off("base plate", Side.BOTTOM);
        off("mirror gear", Side.INSIDE);
        tracks.back(Valley.line(StripEntry.Removed.of("x", Side.TOP, false)), PartName.of("rewind knob"), wentBack());
        assertThat(asked()).isEmpty();
        off("tripod plate", Side.BOTTOM);
        assertThat(asked()).isEmpty();
    }

    private static WentBack wentBack() {
        return new WentBack(List.of(), "");
    }
}
