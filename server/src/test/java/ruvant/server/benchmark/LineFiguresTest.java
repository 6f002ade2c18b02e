package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.server.benchmark.LineScore.Judged;
import ruvant.server.benchmark.LineScore.Verdict;
import ruvant.server.said.ShippedReader;
import tools.jackson.databind.node.ObjectNode;

/** Right or silent: what lines written down by hand are read as. */
class LineFiguresTest {
    @ParameterizedTest
    @CsvSource({
        "practice.json, 0.90, 0.01",
        "tune.txt, 0.85, 0.01",
        "tune2.txt, 0.85, 0.01",
        "tune3.txt, 0.85, 0.02",
        "first.txt, 0.85, 0.02",
        "aside.txt, 0.75, 0.02",
        "chat.txt, 0.98, 0.01"
    })
    void nothingHarmsHardlyAnythingIsWrongAndMostIsRight(String file, double leastRight, double mostWrong) {
        List<Judged> judged = LineBenchmark.judged(file);
        assertThat(judged)
                .filteredOn(one -> one.verdict() == Verdict.HARMFUL)
                .extracting(one -> one.item().get("line").asText())
                .isEmpty();
        assertThat(share(judged, Verdict.RIGHT)).isGreaterThanOrEqualTo(leastRight);
        assertThat(share(judged, Verdict.WRONG)).isLessThanOrEqualTo(mostWrong);
    }

    private static double share(List<Judged> judged, Verdict verdict) {
        return judged.stream().filter(one -> one.verdict() == verdict).count() / (double) judged.size();
    }

    @Test
    void aWrongOrHarmfulReadingIsSeenAsSuch() {
        assertThat(LineBenchmark.FILES).hasSize(7);
        var item = LineScore.items("practice.json").stream()
                .filter(one -> one.get("line").asText().startsWith("return spring has lost"))
                .findFirst()
                .orElseThrow();
        ObjectNode changed = (ObjectNode) item.deepCopy();
        changed.put("line", "took off the return spring");
        changed.putArray("never").add("removed");
        assertThat(LineScore.judge(changed, ShippedReader.read()).verdict()).isEqualTo(Verdict.HARMFUL);
        changed.putArray("never");
        assertThat(LineScore.judge(changed, ShippedReader.read()).verdict()).isEqualTo(Verdict.WRONG);
    }
}
