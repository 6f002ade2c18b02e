package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.PartName;

class FindingsSayTest {
    private final Logs logs = Logs.camera();

    private CaseEvidence evidence() {
        JobPicture job = logs.picture();
        return CaseReader.of(job.find(), job.intake(), DiagnosisTest.KNOWN, Map.of(), 0);
    }

    private static FindEntry.Found found(String part, String condition, boolean sound) {
        return new FindEntry.Found(new Seen(PartName.of(part), "", condition, "", 0, sound, false));
    }

    @Test
    void aFindingInTheWordsOfACauseIsWhatItsLookWouldShow() {
        logs.add(found("blades", "oil", false));
        assertThat(evidence().looks()).singleElement().satisfies(result -> {
            assertThat(result.look()).isEqualTo("bladesLoupe");
            assertThat(result.seen()).isTrue();
            assertThat(result.sure()).as("nobody followed the look's own steps").isFalse();
        });
    }

    @Test
    void foundSoundSpeaksAgainstIt() {
        logs.add(found("blades", "oil", true));
        assertThat(evidence().looks())
                .singleElement()
                .satisfies(result -> assertThat(result.seen()).isFalse());
    }

    @Test
    void aLookThatWasTakenSaysMore() {
        logs.add(found("blades", "oil", false));
        logs.add(new FindEntry.Looked("bladesLoupe", "blades under the loupe", false, true, ""));
        assertThat(evidence().looks()).singleElement().satisfies(result -> {
            assertThat(result.seen()).isFalse();
            assertThat(result.sure()).isTrue();
        });
    }

    @Test
    void aFindingInTheWordsOfASymptomIsThatSymptom() {
        logs.add(new FindEntry.Found("slow speeds late"));
        assertThat(evidence().symptoms()).contains("slowLate");
    }

    @Test
    void anyOtherFindingSaysNothingOfTheFault() {
        logs.add(found("name ring", "scratched", false));
        assertThat(evidence().looks()).isEmpty();
        assertThat(evidence().symptoms()).isEmpty();
    }
}
