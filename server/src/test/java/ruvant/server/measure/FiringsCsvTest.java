package ruvant.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.prove.ProvePicture;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FiringSource;
import ruvant.core.trade.Phase;

class FiringsCsvTest {
    private static ProvePicture.Timed timed(String instrument, Double... seconds) {
        return new ProvePicture.Timed(
                UUID.randomUUID(),
                Instant.parse("2031-03-04T09:00:00Z"),
                "1/60",
                new ProvePicture.Timed.FiredHow(Phase.AFTER, Attitude.LEVEL, false),
                new ProvePicture.Timed.TimedWith(
                        instrument, "", Optional.empty(), new FiringSource("line in", "bench 2", true)),
                List.of(seconds),
                List.of(),
                0);
    }

    @Test
    void aFiringIsARowAndWhatWasNotMeasuredIsEmpty() {
        String csv = FiringsCsv.of(List.of(timed("by ear", 0.0167, 0.0171)));
        assertThat(csv.lines())
                .hasSize(3)
                .last()
                .isEqualTo("1/60,after,level,by ear,line in,bench 2,yes,2031-03-04T09:00:00Z,2,0.017100000,,,,,,");
    }

    @Test
    void commasAndQuotationMarksInAnInstrumentStayInItsCell() {
        String csv = FiringsCsv.of(List.of(timed("tester \"B\", new lamp", 0.0167)));
        assertThat(csv.lines().toList().get(1))
                .startsWith("1/60,after,level,\"tester \"\"B\"\", new lamp\",line in,bench 2,yes,2031");
    }

    @Test
    void noFiringsAreATableWithItsHeadOnly() {
        assertThat(FiringsCsv.of(List.of()).lines()).hasSize(1);
    }
}
