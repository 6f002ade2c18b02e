package ruvant.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruvant.core.ShippedProofs;

class FilmReadingTest {
    private static FilmReading read(int frames, List<ProofEntry.FrameSeen> faults, List<Double> gaps) {
        return FilmReading.of(new ProofEntry.FilmDeveloped(frames, frames, faults, gaps, ""), ShippedProofs.BOOK);
    }

    private static List<ProofEntry.FrameSeen> seen(FrameFault fault, String speed, int... frames) {
        List<ProofEntry.FrameSeen> all = new ArrayList<>();
        for (int frame : frames) {
            all.add(new ProofEntry.FrameSeen(frame, fault, speed, ""));
        }
        return all;
    }

    @Test
    void aFaultAtOneSpeedPointsAtThatSpeed() {
        FilmReading is = read(12, seen(FrameFault.BLANK, "1/1000", 3, 9), List.of());
        assertThat(is.good()).isEqualTo(10);
        FilmReading.OfFault blank = is.faults().getFirst();
        assertThat(blank.spread()).isEqualTo(ProofBook.Spread.ONE_SPEED);
        assertThat(blank.causes().getFirst().id()).isEqualTo("capping");
        assertThat(blank.fitting()).isEqualTo(1);
    }

    @Test
    void howTheFramesLieTellsOneCauseFromAnother() {
        assertThat(first(read(12, seen(FrameFault.OVERLAP, "", 4, 9), List.of())))
                .isEqualTo("transport-slips");
        assertThat(first(read(12, seen(FrameFault.OVERLAP, "", 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11), List.of())))
                .isEqualTo("stroke-short");
        assertThat(first(read(12, seen(FrameFault.OVERLAP, "", 9, 10, 11, 12), List.of())))
                .isEqualTo("spool-drag");
        assertThat(first(read(36, seen(FrameFault.FOG, "", 1, 2, 3), List.of())))
                .isEqualTo("loaded-in-light");
    }

    private static String first(FilmReading film) {
        return film.faults().getFirst().causes().getFirst().id();
    }

    @Test
    void everyFaultHasACauseForEveryWayItCanLieOrNamesAllOfThem() {
        for (FrameFault fault : FrameFault.values()) {
            assertThat(ShippedProofs.BOOK.frames().get(fault)).as("%s", fault).isNotEmpty();
            FilmReading is = read(12, seen(fault, "", 5), List.of());
            assertThat(is.faults().getFirst().causes())
                    .hasSameSizeAs(ShippedProofs.BOOK.frames().get(fault));
        }
    }

    @Test
    void gapsThatGrowAreToldFromGapsThatScatter() {
        List<Double> grow = new ArrayList<>();
        Random random = new Random(4);
        for (int at = 0; at < 11; at++) {
            grow.add(1.5 + 0.2 * at + 0.1 * random.nextGaussian());
        }
        FilmReading.Gaps growing = read(12, List.of(), grow).gaps().orElseThrow();
        assertThat(growing.trendMm()).isCloseTo(0.2, within(0.03));
        assertThat(growing.even()).isFalse();
        int called = 0;
        for (int film = 0; film < 500; film++) {
            List<Double> scatter = new ArrayList<>();
            for (int at = 0; at < 11; at++) {
                scatter.add(2 + 0.3 * random.nextGaussian());
            }
            called += read(12, List.of(), scatter).gaps().orElseThrow().trendMm() == 0 ? 0 : 1;
        }
        // of a film that has no trend a chance one is called in a few of a hundred
        assertThat(called).isLessThan(30);
        assertThat(read(12, List.of(), List.of(2.0, -0.5, 2.0))
                        .gaps()
                        .orElseThrow()
                        .overlaps())
                .isEqualTo(1);
        assertThat(read(12, List.of(), List.of(2.0, 2.1)).gaps()).isEmpty();
    }
}
