package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import ruvant.core.practice.faults.HiddenFault;
import ruvant.core.practice.faults.Search;

class SearchTest {
    private static final int CAMERAS = 60;

    private static List<Search.Ended> search(Search.Way way) {
        Search search = new Search(DiagnosisTest.KNOWN);
        return IntStream.range(0, CAMERAS)
                .mapToObj(seed -> search.go(new HiddenFault(DiagnosisTest.KNOWN, 300L + seed), way))
                .toList();
    }

    private static double minutes(List<Search.Ended> ended) {
        return ended.stream().mapToDouble(Search.Ended::minutes).sum();
    }

    @Test
    void advisedLooksFindCausesThatShowOtherwiseThanIsKnownInLessTimeThanAChecklist() {
        List<Search.Ended> advised = search(Search.Way.ADVISED);
        List<Search.Ended> listed = search(Search.Way.CHECKLIST);

        assertThat(advised.stream().filter(Search.Ended::found)).hasSizeGreaterThan(CAMERAS * 7 / 10);
        assertThat(minutes(advised)).isLessThan(0.75 * minutes(listed));
        assertThat(advised.stream().mapToInt(Search.Ended::inVain).sum()).isLessThan(CAMERAS / 5);
    }

    @Test
    void theSameSeedHidesTheSameFault() {
        HiddenFault one = new HiddenFault(DiagnosisTest.KNOWN, 5);
        HiddenFault again = new HiddenFault(DiagnosisTest.KNOWN, 5);

        assertThat(again.asItComesIn()).isEqualTo(one.asItComesIn());
        assertThat(DiagnosisTest.KNOWN.looksOf(one.family()))
                .allMatch(look -> one.look(look) == again.look(look))
                .isNotEmpty();
        assertThat(DiagnosisTest.KNOWN.causes().stream().filter(one::has)).hasSizeBetween(1, 2);
    }
}
