package ruvant.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.log.CountRoom.Said;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

/** The kernel on a log of pebbles: whatever a log is about, lines are added, struck and read by the same rules. */
class KernelTest {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");
    private final Rooms rooms = new Rooms(List.of(new CountRoom()));
    private final Kernel kernel =
            new Kernel(rooms, folding -> new StandingOf(NOW).with(CountRoom.Most.class, () -> new CountRoom.Most(10)));
    private Log<Said> log = Log.empty(new LogName("jar"));
    private Optional<Kernel.Folded> folded = Optional.empty();

    private Optional<Refusal> add(NewLine... lines) {
        List<Line> numbered = Kernel.numbered(log, "Ada", List.of(lines), NOW, folded);
        Kernel.Outcome<Said> outcome = kernel.added(log, numbered, folded);
        log = outcome.log();
        folded = outcome.folded();
        return outcome.refusal();
    }

    private UUID put(Entry entry) {
        NewLine line = NewLine.of(entry);
        assertThat(add(line)).isEmpty();
        return line.id();
    }

    private String refused(Entry... entries) {
        return refused(List.of(entries).stream().map(NewLine::of).toArray(NewLine[]::new));
    }

    private String refused(NewLine... lines) {
        Log<Said> before = log;
        Optional<Refusal> refusal = add(lines);
        assertThat(log).as("nothing is added where one line is refused").isEqualTo(before);
        return refusal.orElseThrow().code();
    }

    private CountRoom.Fold jar() {
        return Folding.of(rooms, log).of(CountRoom.Fold.class);
    }

    private static Entry strike(UUID line) {
        return new RecordEntry.Struck(line, "miscounted");
    }

    private static NewLine before(UUID other, Entry entry) {
        return new NewLine(UUID.randomUUID(), other, null, entry);
    }

    @Test
    void linesCountInTheirOrder() {
        put(new Said.In(5));
        put(new Said.Out(2));
        assertThat(jar().there()).isEqualTo(3);
        assertThat(log.lastSequence()).isEqualTo(2);
    }

    private static Entry amend(UUID line, Entry now) {
        return new RecordEntry.Amended(line, now, "miscounted");
    }

    @Test
    void aLineCanBeChangedInItsPlaceAndBackAgain() {
        UUID first = put(new Said.In(5));
        put(new Said.Out(4));
        UUID change = put(amend(first, new Said.In(7)));
        assertThat(jar().there()).isEqualTo(3);
        assertThat(log.find(first).orElseThrow().entry())
                .as("what it said stays")
                .isEqualTo(new Said.In(5));
        UUID again = put(amend(first, new Said.In(4)));
        assertThat(jar().there()).as("the last change counts").isZero();
        put(strike(again));
        assertThat(jar().there()).isEqualTo(3);
        put(strike(change));
        assertThat(jar().there()).isEqualTo(1);
        put(new RecordEntry.StrikeUndone(change));
        assertThat(jar().there()).isEqualTo(3);
    }

    @Test
    void whatRestsOnAChangedLineIsNamedAndChangedWithIt() {
        UUID first = put(new Said.In(5));
        UUID taken = put(new Said.Out(4));
        Optional<Refusal> refusal = add(NewLine.of(amend(first, new Said.In(2))));
        assertThat(refusal.orElseThrow().code()).isEqualTo("restsOnIt");
        assertThat(refusal.orElseThrow().message()).contains("line 2");
        assertThat(add(NewLine.of(amend(taken, new Said.Out(1))), NewLine.of(amend(first, new Said.In(2)))))
                .isEmpty();
        assertThat(jar().there()).isEqualTo(1);
    }

    @Test
    void onlyWhatCountsIsChangedAndOnlyWithinItsKind() {
        UUID first = put(new Said.In(5));
        assertThat(refused(amend(first, new Said.Out(1)))).isEqualTo("otherKind");
        assertThat(refused(amend(UUID.randomUUID(), new Said.In(1)))).isEqualTo("lineUnknown");
        assertThat(refused(amend(first, new Said.In(11))))
                .as("a rule holds for a change too")
                .isEqualTo("tooMany");
        UUID change = put(amend(first, new Said.In(6)));
        assertThat(refused(amend(change, new Said.In(6)))).isEqualTo("lineUnknown");
        put(strike(first));
        assertThat(refused(amend(first, new Said.In(6)))).isEqualTo("struckTwice");
        assertThatThrownBy(() -> new RecordEntry.Amended(first, strike(first), ""))
                .isInstanceOf(FieldProblem.class);
    }

    @Test
    void allOfABatchIsAddedOrNothing() {
        assertThat(refused(new Said.In(3), new Said.Out(4))).isEqualTo("tooFew");
        assertThat(log.lines()).isEmpty();
        assertThat(add(NewLine.of(new Said.In(3)), NewLine.of(new Said.Out(3)))).isEmpty();
        assertThat(jar().there()).isZero();
    }

    @Test
    void whatIsUnwiseIsRefusedWhenItIsSaidAndNotWhenItIsReadAgain() {
        assertThat(refused(new Said.In(11))).isEqualTo("tooMany");
        UUID first = put(new Said.In(10));
        Kernel stricter = new Kernel(
                rooms, folding -> new StandingOf(NOW).with(CountRoom.Most.class, () -> new CountRoom.Most(1)));
        Log<Said> after = log.plus(List.of(new Line(UUID.randomUUID(), 2, NOW, "Ada", first, new Said.In(1))));
        assertThat(stricter.refusal(log, after.after(1))).isEmpty();
    }

    @Test
    void theSameLineSentTwiceCountsOnce() {
        NewLine line = NewLine.of(new Said.In(4));
        add(line);
        add(line, NewLine.of(new Said.In(1)));
        add(line);
        assertThat(jar().there()).isEqualTo(5);
        assertThat(log.lines()).hasSize(2);
        assertThat(Kernel.numbered(log, "Ada", List.of(line, line), NOW, Optional.empty()))
                .isEmpty();
    }

    @Test
    void aLineTypedEarlierKeepsItsTimeForAWeek() {
        Instant earlier = NOW.minus(Duration.ofDays(2));
        assertThat(timeOf(earlier)).isEqualTo(earlier);
        assertThat(timeOf(NOW.minus(Duration.ofDays(8)))).isEqualTo(NOW);
        assertThat(timeOf(NOW.plusSeconds(60))).isEqualTo(NOW);
        assertThat(timeOf(null)).isEqualTo(NOW);
    }

    private Instant timeOf(Instant saidAt) {
        NewLine line = new NewLine(UUID.randomUUID(), null, saidAt, new Said.In(1));
        return Kernel.numbered(log, "Ada", List.of(line), NOW, Optional.empty())
                .getFirst()
                .at();
    }

    @Test
    void aStruckLineCountsNoMoreUntilTheStrikeIsUndone() {
        put(new Said.In(5));
        UUID out = put(new Said.Out(2));
        put(strike(out));
        assertThat(jar().there()).isEqualTo(5);
        put(new RecordEntry.StrikeUndone(out));
        assertThat(jar().there()).isEqualTo(3);
        assertThat(log.struck()).isEmpty();
        assertThat(refused(new RecordEntry.StrikeUndone(out))).isEqualTo("notStruck");
    }

    @Test
    void whatOthersRestOnIsNotStruckAlone() {
        UUID in = put(new Said.In(5));
        UUID out = put(new Said.Out(2));
        Optional<Refusal> refusal = add(NewLine.of(strike(in)));
        assertThat(refusal.orElseThrow().code()).isEqualTo("restsOnIt");
        assertThat(refusal.orElseThrow().message()).contains("line 2, took out 2");
        assertThat(kernel.resting(log.plus(List.of(new Line(UUID.randomUUID(), 3, NOW, "Ada", null, strike(in))))))
                .extracting(Line::id)
                .containsExactly(out);
        assertThat(add(NewLine.of(strike(in)), NewLine.of(strike(out)))).isEmpty();
        assertThat(jar().there()).isZero();
    }

    @Test
    void strikesAreOfLinesThatAreThereOnce() {
        UUID in = put(new Said.In(5));
        put(strike(in));
        assertThat(refused(strike(in))).isEqualTo("struckTwice");
        assertThat(refused(strike(UUID.randomUUID()))).isEqualTo("lineUnknown");
        assertThat(refused(strike(log.lines().getLast().id()))).isEqualTo("strikeOfStrike");
    }

    @Test
    void aLateLineTakesItsPlaceInTheOrder() {
        put(new Said.In(5));
        UUID out = put(new Said.Out(2));
        assertThat(add(before(out, new Said.In(1)))).isEmpty();
        assertThat(jar().order()).isEqualTo("1 3 2");
        UUID late = log.lines().getLast().id();
        assertThat(add(before(late, new Said.In(1)))).isEmpty();
        assertThat(jar().order()).isEqualTo("1 4 3 2");
    }

    @Test
    void aLateLineThatWouldBreakALaterOneIsRefusedWithThatOne() {
        put(new Said.In(5));
        UUID out = put(new Said.Out(5));
        Optional<Refusal> refusal = add(before(out, new Said.Out(1)));
        assertThat(refusal.orElseThrow().code()).isEqualTo("restsOnIt");
        assertThat(refusal.orElseThrow().message()).contains("took out 5");
        assertThat(refused(before(UUID.randomUUID(), new Said.In(1)))).isEqualTo("lineUnknown");
    }

    @Test
    void aLateLineStaysWhenItsAnchorIsStruck() {
        put(new Said.In(5));
        UUID out = put(new Said.Out(2));
        add(before(out, new Said.In(1)));
        put(strike(out));
        assertThat(jar().there()).isEqualTo(6);
        put(new RecordEntry.StrikeUndone(out));
        assertThat(jar().order()).isEqualTo("1 3 2");
    }

    @Test
    void aWindowIsToldOfWhatAnotherPutInPlaceOfTheSame() {
        put(new Said.Labelled("river"));
        long seen = log.lastSequence();
        put(new Said.In(1));
        UUID theirs = put(new Said.Labelled("sea"));
        List<Line> mine =
                Kernel.numbered(log, "Ben", List.of(NewLine.of(new Said.Labelled("lake"))), NOW, Optional.empty());
        assertThat(kernel.unseen(log, seen, mine)).extracting(Line::id).containsExactly(theirs);
        assertThat(kernel.unseen(log, log.lastSequence(), mine)).isEmpty();
        List<Line> pebble = Kernel.numbered(log, "Ben", List.of(NewLine.of(new Said.In(1))), NOW, Optional.empty());
        assertThat(kernel.unseen(log, 0, pebble))
                .as("what only adds replaces nothing")
                .isEmpty();
        put(strike(theirs));
        assertThat(kernel.unseen(log, seen, mine))
                .as("what was struck is in nobody's way")
                .isEmpty();
    }

    @Test
    void anEntryOfAnotherKindOfLogIsNotTaken() {
        record Stranger() implements Entry {}
        assertThatThrownBy(() -> add(NewLine.of(new Stranger())))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("does not belong in this log");
    }

    /** Carrying on from the fold of the last append and reading the whole log come to the same, whatever was added. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void carryingOnAndReadingAgainAreTheSame(long seed) {
        Random random = new Random(seed);
        List<UUID> ids = new ArrayList<>();
        int taken = 0;
        for (int i = 0; i < 120; i++) {
            NewLine line = any(random, ids);
            if (add(line).isEmpty()) {
                ids.add(line.id());
                taken++;
                CountRoom.Fold carried = folded.orElseThrow().folding().of(CountRoom.Fold.class);
                assertThat(carried.there()).isEqualTo(jar().there()).isNotNegative();
                assertThat(carried.order()).isEqualTo(jar().order());
                assertThat(carried.label()).isEqualTo(jar().label());
            }
        }
        assertThat(taken).isGreaterThan(40);
        assertThat(log.lines())
                .extracting(Line::sequence)
                .doesNotHaveDuplicates()
                .isSorted();
    }

    private static NewLine any(Random random, List<UUID> ids) {
        UUID other = ids.isEmpty() ? UUID.randomUUID() : ids.get(random.nextInt(ids.size()));
        return switch (random.nextInt(8)) {
            case 0 -> NewLine.of(strike(other));
            case 1 -> NewLine.of(new RecordEntry.StrikeUndone(other));
            case 2 -> before(other, new Said.In(1 + random.nextInt(3)));
            case 3 -> before(other, new Said.Out(1 + random.nextInt(3)));
            case 4 -> NewLine.of(new Said.Labelled("jar " + random.nextInt(5)));
            case 5, 6 -> NewLine.of(new Said.In(1 + random.nextInt(12)));
            default -> NewLine.of(new Said.Out(1 + random.nextInt(6)));
        };
    }
}
