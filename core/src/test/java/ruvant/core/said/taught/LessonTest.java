package ruvant.core.said.taught;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.logline.LogLine;
import ruvant.core.logline.Reading;
import ruvant.core.said.ShippedWords;
import ruvant.core.said.Statement;
import ruvant.core.said.StatementKind;
import ruvant.core.trade.Stop;

class LessonTest {
    private static final Statement WONKY =
            new Statement(StatementKind.FINDING, Map.of("part", "sear", "condition", "wonky"));

    private static Reading read(String line, TaughtWords taught, Map<String, Statement> chosen) {
        return new LogLine(
                        Logs.camera().picture(),
                        Logs.SHOP,
                        ShippedWords.BENCH,
                        () -> ModelKnowledge.of(List.of()),
                        taught,
                        entries -> Optional.empty())
                .read(line, Stop.FIND, chosen);
    }

    private static TaughtWords taught(String phrase, WordClass as) {
        return new TaughtWords(List.of(new TaughtWord(phrase, as, "")));
    }

    @Test
    void aCorrectionTeachesTheWordsThatWereNotKnown() {
        Reading corrected = read("sear wonky", TaughtWords.NONE, Map.of("sear wonky", WONKY));
        assertThat(corrected.chips().getFirst().says()).isEqualTo("found sear: wonky");
        assertThat(corrected.teaches())
                .as("a sear is known to be a part already")
                .extracting(TaughtWord::label)
                .containsExactly("“wonky” is what a part is like");
    }

    @Test
    void whatWasTaughtIsReadTheNextTimeAndNoLongerOnceItIsTakenBack() {
        TaughtWords taught = taught("wonky", WordClass.CONDITION);
        assertThat(read("pawl wonky", taught, Map.of()).entries())
                .singleElement()
                .isInstanceOfSatisfying(
                        FindEntry.Found.class,
                        found -> assertThat(found.seen().condition()).isEqualTo("wonky"));
        TaughtWords takenBack = taught.without("condition.wonky");
        assertThat(read("pawl wonky", takenBack, Map.of()).chips().getFirst().kind())
                .isEqualTo(StatementKind.REMARK);
    }

    @Test
    void aPartOfTheShopsOwnIsAPart() {
        assertThat(read("gizzard bent", TaughtWords.NONE, Map.of())
                        .chips()
                        .getFirst()
                        .kind())
                .isEqualTo(StatementKind.REMARK);
        assertThat(read("gizzard bent", taught("gizzard", WordClass.PART), Map.of())
                        .chips()
                        .getFirst()
                        .says())
                .isEqualTo("found gizzard: bent");
    }

    @Test
    void aLineKeptAsARemarkOnceIsOneTheNextTime() {
        Statement remark = new Statement(StatementKind.REMARK, Map.of("says", "pawl worn"));
        Reading kept = read("pawl worn", TaughtWords.NONE, Map.of("pawl worn", remark));
        assertThat(kept.chips().getFirst().kind()).isEqualTo(StatementKind.REMARK);
        TaughtWords taught = new TaughtWords(kept.teaches());
        Reading again = read("Pawl worn.", taught, Map.of());
        assertThat(again.chips().getFirst().kind()).isEqualTo(StatementKind.REMARK);
        assertThat(again.chips().getFirst().ways())
                .as("what it was read as is still offered")
                .anyMatch(way -> way.kind() == StatementKind.FINDING);
        assertThat(read("sear worn", taught, Map.of()).chips().getFirst().kind())
                .isEqualTo(StatementKind.FINDING);
    }

    @Test
    void aWholeSentenceInAFieldTeachesNothing() {
        String line = "the owner was in such a hurry again";
        Statement said = new Statement(StatementKind.FINDING, Map.of("condition", line));
        assertThat(read(line, TaughtWords.NONE, Map.of(line, said)).teaches()).isEmpty();
    }
}
