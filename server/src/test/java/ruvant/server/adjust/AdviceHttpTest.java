package ruvant.server.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;

class AdviceHttpTest extends OverHttp {
    private static final String CASE = """
            {"adjusters":[{"name":"engagement","stepTurns":0.125,"minTurns":-1,"maxTurns":1,"priorSign":-1,"relativeEffect":[0.4,0.9]}],
             "results":[{"name":"1/8","toleranceEv":0.25,"measureSdEv":0.04},{"name":"1/15","toleranceEv":0.25}],
             "trials":%s}""";

    private Shop.Answer advise(String trials) {
        return shop.post("/api/adjust/advise", CASE.formatted(trials));
    }

    @Test
    void slowSpeedsAskForATurnAndTheNextTrialForNoMore() {
        Shop.Answer first = advise("[{\"turns\":[0],\"measuredEv\":[0.32,0.54]}]");
        assertThat(first.status()).isEqualTo(200);
        assertThat(first.body().get("verdict").asText()).isEqualTo("turn");
        assertThat(first.body().at("/next/0").asDouble()).isPositive();
        assertThat(first.body().get("predictedEv")).hasSize(2);
        assertThat(first.body().get("why").asText()).contains("engagement");
        Shop.Answer second =
                advise("[{\"turns\":[0],\"measuredEv\":[0.32,0.54]},{\"turns\":[0.5],\"measuredEv\":[0.08,0.04]}]");
        assertThat(second.body().get("verdict").asText()).isEqualTo("stopInTolerance");
        assertThat(second.body().get("probabilityInTolerance").asDouble()).isGreaterThan(0.8);
        assertThat(second.body().at("/next/0").asDouble()).isEqualTo(0.5);
    }

    @Test
    void aResultMayBeMissingAndWhatDoesNotFitIsRefused() {
        assertThat(advise("[{\"turns\":[0],\"measuredEv\":[0.32,null]}]").status())
                .isEqualTo(200);
        assertThat(advise("[{\"turns\":[0,0],\"measuredEv\":[0.32,0.54]}]").status())
                .isEqualTo(400);
        assertThat(advise("[]").body().toString()).contains("Measure it as found");
    }
}
