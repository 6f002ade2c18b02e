package ruvant.server.treat;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;

class CellsHttpTest extends OverHttp {
    @Test
    void cellsAreRankedByWhatIsLeftAndASlopeNeedsTwoReadings() {
        assertThat(shop.get("/api/meter-cells?madeFor=1.35&circuit=needle")
                        .body()
                        .at("/3/cell/id")
                        .asText())
                .isEqualTo("alkaline");
        assertThat(shop.get("/api/meter-cells?circuit=bridge")
                        .body()
                        .at("/0/leftEv")
                        .asDouble())
                .isZero();
        assertThat(shop.get("/api/meter-cells?circuit=measured&volts=1.35").status())
                .isEqualTo(400);
        assertThat(shop.get("/api/meter-cells?circuit=clockwork").body().toString())
                .contains("not a kind of meter circuit");
        assertThat(shop.get(
                                "/api/meter-cells?circuit=measured&volts=1.35&readingEv=12&otherVolts=1.55&otherReadingEv=12")
                        .body()
                        .at("/0/leftEv")
                        .asDouble())
                .isZero();
    }
}
