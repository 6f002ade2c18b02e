package ruvant.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.trade.Stop;

class LineReaderTest {
    private static final LineReader READER = ShippedWords.READER;
    private static final LineContext BENCH =
            new LineContext(Stop.REFIT, List.of("top cover", "gear cover", "retard"), List.of(), true);

    /** What changes the record of a camera where it is wrongly concluded. */
    private static final Set<StatementKind> WORK = EnumSet.of(
            StatementKind.REMOVED,
            StatementKind.PUT_BACK,
            StatementKind.TREATED,
            StatementKind.MENDED,
            StatementKind.MODIFIED,
            StatementKind.REPLACED,
            StatementKind.CAUSE,
            StatementKind.CLEARED,
            StatementKind.BATTERY_FOUND,
            StatementKind.BATTERY_TO_USE);

    private static List<StatementKind> kinds(String line) {
        return READER.read(line, BENCH).statements().stream()
                .map(Statement::kind)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "return spring weak",
                "oil on the blades",
                "bent latch tab on the film door",
                "look at the mirror",
                "file marks on the case",
                "missed the dark ball first time",
                "wind pawl worn",
                "clear glass in the finder yellowed"
            })
    void wordsThatLookLikeWorkAreNoWork(String line) {
        assertThat(kinds(line)).doesNotContainAnyElementsOf(WORK).doesNotContain(StatementKind.FIRED);
    }

    @Test
    void aSentenceOfCommonWordsStaysARemark() {
        List<String> who =
                List.of("I", "we", "he", "she", "they", "the owner", "my friend", "the postman", "nobody", "you");
        List<String> does = List.of(
                "saw",
                "told",
                "asked for",
                "wanted",
                "remembered",
                "liked",
                "thought about",
                "paid for",
                "waited near",
                "laughed about",
                "wrote to",
                "went past",
                "sat beside",
                "dreamt of",
                "came with");
        List<String> what = List.of(
                "a letter",
                "the news",
                "that story",
                "the weather",
                "a good lunch",
                "the garden",
                "some music",
                "this town",
                "the long road",
                "an old friend",
                "the children",
                "a holiday",
                "the bill",
                "your mother",
                "a dog");
        int sentences = 0;
        for (String one : who) {
            for (String verb : does) {
                for (String thing : what) {
                    String line = one + " " + verb + " " + thing;
                    assertThat(READER.read(line, BENCH).statements()).as(line).isEmpty();
                    sentences++;
                }
            }
        }
        assertThat(sentences).isGreaterThanOrEqualTo(2_000);
    }

    private static final List<String> CERTAIN = List.of(
            "top cover back on",
            "retard in",
            "bottom plate off, 3 slot 1.7x3",
            "contacts cleaned, alcohol on a swab",
            "pivots oiled, one drop watch oil",
            "arm straightened",
            "cause: bent sear",
            "new light seals fitted",
            "pawl stoned 0.05 mm",
            "sear ruled out");

    @Test
    void doubtAndNegationNeverLeaveWorkStanding() {
        for (String line : CERTAIN) {
            assertThat(kinds(line)).as(line).isNotEmpty();
            for (String doubt :
                    List.of("maybe ", "not ", "perhaps ", "will have ", "should have ", "I think ", "if ")) {
                assertThat(kinds(doubt + line)).as(doubt + line).doesNotContainAnyElementsOf(WORK);
            }
            for (String doubt : List.of(" tomorrow", " maybe", "?", " if it fits", " not yet")) {
                assertThat(kinds(line + doubt)).as(line + doubt).doesNotContainAnyElementsOf(WORK);
            }
        }
    }

    @Test
    void anAdjectiveOrASlipOfTheKeyboardNeverTurnsItIntoOtherWork() {
        for (String line : CERTAIN) {
            Set<StatementKind> said = EnumSet.copyOf(kinds(line));
            List<String> changed = new ArrayList<>();
            String[] words = line.split(" ");
            for (int at = 0; at < words.length; at++) {
                for (String adjective : List.of("little", "black", "loose", "old")) {
                    changed.add(with(words, at, adjective + " " + words[at]));
                }
                if (words[at].length() > 3) {
                    for (int letter = 0; letter < words[at].length() - 1; letter++) {
                        String word = words[at];
                        changed.add(with(words, at, word.substring(0, letter) + word.substring(letter + 1)));
                        changed.add(with(
                                words,
                                at,
                                word.substring(0, letter)
                                        + word.charAt(letter + 1)
                                        + word.charAt(letter)
                                        + word.substring(letter + 2)));
                    }
                }
            }
            for (String one : changed) {
                List<StatementKind> now = kinds(one);
                now.stream()
                        .filter(WORK::contains)
                        .forEach(kind ->
                                assertThat(said).as(one + " from " + line).contains(kind));
            }
        }
    }

    private static String with(String[] words, int at, String word) {
        String[] changed = words.clone();
        changed[at] = word;
        return String.join(" ", changed);
    }

    @Test
    void theOrderOfStatementsChangesOnlyTheirOrder() {
        List<String> halves = List.of(
                "mirror scratched",
                "lost a washer",
                "prism dusted",
                "1/60 15 ms",
                "need 2 rollers",
                "20 firings, all good");
        for (String one : halves) {
            for (String other : halves) {
                if (!one.equals(other)) {
                    List<Statement> forth =
                            READER.read(one + "; " + other, BENCH).statements();
                    List<Statement> back =
                            READER.read(other + "; " + one, BENCH).statements();
                    assertThat(forth).as(one + "; " + other).containsExactlyInAnyOrderElementsOf(back);
                }
            }
        }
    }

    @Test
    void adjectivesBelongToThePieceTheyStandBeside() {
        Statement off = READER.read("plate off, 3 tiny set screws, 2 black slot + 1 long cross", BENCH)
                .statements()
                .getFirst();
        assertThat(off.fields().get("fasteners").toString())
                .contains("size=tiny", "head=grub", "colour=black", "head=slot", "size=long", "head=cross");
    }

    @Test
    void whatGoesBackHasToBeOff() {
        assertThat(kinds("prism back in")).doesNotContain(StatementKind.PUT_BACK);
        assertThat(kinds("retard back in")).containsExactly(StatementKind.PUT_BACK);
        LineReading asked = READER.read("cover back on", BENCH);
        assertThat(asked.statements()).isEmpty();
        assertThat(asked.question())
                .hasValueSatisfying(question -> assertThat(question).contains("top cover", "gear cover"));
    }

    @Test
    void spellingIsPutRightTowardWordsOfTheTradeAlone() {
        assertThat(READER.read("fungus in the front elemnt", BENCH).statements())
                .singleElement()
                .satisfies(one -> assertThat(one.text("part")).isEqualTo("front element"));
        for (String real : List.of("the pawl is soiled", "hook pitted", "snap ring worn", "foil torn")) {
            assertThat(kinds(real)).doesNotContainAnyElementsOf(WORK);
        }
    }

    @Test
    void aVerdictAfterTheWorkIsAProofAndBeforeItIsHowItCameIn() {
        for (boolean after : List.of(true, false)) {
            LineContext there = new LineContext(Stop.PROVE, List.of(), List.of(), after);
            assertThat(READER.read("self timer works", there).statements())
                    .singleElement()
                    .satisfies(one -> assertThat(one.fields()).containsEntry("before", !after));
        }
    }

    @Test
    void aReadingThatContradictsAnotherAsGoodIsNotPreferred() {
        Statement ring = new Statement(StatementKind.FINDING, Map.of("part", "ring", "count", 2.0));
        assertThat(ring.agrees(new Statement(StatementKind.FINDING, Map.of("part", "name ring"))))
                .isTrue();
        assertThat(ring.agrees(ring.with("count", 3.0))).isFalse();
        assertThat(ring.agrees(ring.with("part", "cover"))).isFalse();
        assertThat(ring.agrees(new Statement(StatementKind.SYMPTOM, ring.fields())))
                .isFalse();
    }

    @Test
    void everyClassOfWordsIsAskedFor() throws IOException {
        Path data = Path.of("src/main/resources/ruvant/core/said");
        String asking = Files.readString(data.resolve("frames.txt"));
        try (Stream<Path> code = Files.list(Path.of("src/main/java/ruvant/core/said"))) {
            for (Path file : code.filter(Files::isRegularFile).toList()) {
                asking += Files.readString(file);
            }
        }
        for (String line : Files.readAllLines(data.resolve("vocabulary.txt"))) {
            if (line.startsWith("[")) {
                String name = line.substring(1, line.length() - 1);
                assertThat(asking.contains("<" + name + ">") || asking.contains("\"" + name + "\""))
                        .as(name)
                        .isTrue();
            }
        }
    }
}
