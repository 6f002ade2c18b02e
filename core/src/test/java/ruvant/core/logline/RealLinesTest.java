package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.picture.Shop;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

/** Lines as they are typed at a bench, each with what it must be understood as. */
class RealLinesTest {
    private static final String ARROW = " => ";
    private static final Shop SHOP = new Shop(
            Logs.SHOP.practice(),
            new Materials(
                    1,
                    Logs.SHOP.materials().materials(),
                    List.of(agent("naphtha", "Naphtha"), agent("isopropyl", "Isopropyl alcohol"))),
            new Lubrication(
                    1,
                    List.of(),
                    List.of(
                            new Lubrication.Lubricant("none", "Left dry"),
                            new Lubrication.Lubricant("thinOil", "Thin oil"),
                            new Lubrication.Lubricant("moly", "Moly grease"),
                            new Lubrication.Lubricant("helicoid", "Helicoid grease")),
                    List.of()),
            Logs.SHOP.lists(),
            Logs.SHOP.adjusters(),
            Logs.SHOP.faults(),
            Logs.SHOP.plans(),
            Logs.SHOP.pricing(),
            Logs.SHOP.proofs());

    private final Logs logs = bench();

    private static Materials.Agent agent(String id, String label) {
        Materials.VerdictWhy ok = new Materials.VerdictWhy(Verdict.OK, "");
        return new Materials.Agent(id, label, "", 10, true, java.util.Map.of("metal", ok, "cloth", ok));
    }

    private static Logs bench() {
        Logs logs = Logs.camera();
        logs.add(new IntakeEntry.ScopeAdded("make it run"));
        logs.add(new FindEntry.SuspectRaised("gummed slow train", ""), new FindEntry.SuspectRaised("bent pallet", ""));
        for (String line : List.of(
                "off top cover, top, 4 slot 1.7x3, 1 washer",
                "off shutter block, front",
                "off slow train, lens front, 2 slot 1.4x3",
                "off speed ring, lens front, 1 detent ball")) {
            logs.add(BenchLine.of(logs.picture(), SHOP).read(line).entries().getFirst());
        }
        logs.add(
                new StripEntry.SpringLetDown("mainspring", 3, ""),
                new TreatEntry.WaitStarted(PartName.of("slow train"), "flash-off", 10));
        return logs;
    }

    private Reading read(String line) {
        return BenchLine.of(logs.picture(), SHOP).read(line);
    }

    private String understood(String line) {
        Reading reading = read(line);
        return reading.chips().stream()
                .map(chip -> chip.says()
                        + chip.trouble().map(why -> " ! " + why.message()).orElse(""))
                .collect(Collectors.joining(" | "));
    }

    static Stream<String> lines() throws java.io.IOException {
        try (var in = RealLinesTest.class.getResourceAsStream("lines.txt");
                var reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return reader.lines().filter(line -> line.contains(ARROW)).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("lines")
    void isUnderstood(String pair) {
        String[] halves = pair.split(ARROW, 2);
        assertThat(understood(halves[0])).isEqualTo(halves[1]);
    }

    @Test
    void thereAreAtLeastTwoHundred() throws java.io.IOException {
        assertThat(lines().map(line -> line.split(ARROW)[0]).distinct().count()).isGreaterThanOrEqualTo(200);
    }

    static IntStream seeds() {
        return IntStream.range(0, 1000);
    }

    /** What the grammar does not know must be found again in what would be logged, or be asked about. */
    @ParameterizedTest
    @MethodSource("seeds")
    void losesNothingThatWasTyped(int seed) throws java.io.IOException {
        Random random = new Random(seed);
        List<String> pieces = lines().flatMap(line -> Stream.of(line.split(ARROW)[0].split("[,;]")))
                .map(String::strip)
                .toList();
        StringBuilder line = new StringBuilder(pieces.get(random.nextInt(pieces.size())));
        Set<String> strange = new java.util.TreeSet<>();
        for (int i = random.nextInt(5); i >= 0; i--) {
            String word = strangeWord(random);
            strange.add(word);
            line.append(random.nextBoolean() ? ", " : " ").append(word);
            if (random.nextInt(3) == 0) {
                line.append(", ").append(pieces.get(random.nextInt(pieces.size())));
            }
        }
        Reading reading = read(line.toString());
        if (reading.question().isEmpty()) {
            String logged = reading.entries().toString().toLowerCase(Locale.ROOT);
            assertThat(strange)
                    .as("%s", line)
                    .allSatisfy(word -> assertThat(logged).contains(word));
        } else {
            assertThat(reading.entries()).as("%s", line).isEmpty();
        }
    }

    /** Nothing that the grammar could take for a word of its own, typing errors included. */
    private static String strangeWord(Random random) {
        StringBuilder word = new StringBuilder("zq");
        for (int i = 3 + random.nextInt(6); i > 0; i--) {
            word.append("xjvwzq".charAt(random.nextInt(6)));
        }
        return word.toString();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void neverThrowsWhateverIsTyped(int seed) {
        Random random = new Random(seed);
        StringBuilder line = new StringBuilder();
        String alphabet = "abcdeoff wmx0123456789.,;:+×/½ -()\"'éعم\uD83D\uDE00\t";
        for (int i = random.nextInt(160); i > 0; i--) {
            line.append(alphabet.charAt(random.nextInt(alphabet.length())));
        }
        String typed = random.nextBoolean() ? "off " + line : line.toString();
        assertThat(read(typed).entries().isEmpty()).as("%s", typed).isEqualTo(typed.isBlank());
    }
}
