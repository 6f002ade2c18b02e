package ruvant.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.log.CountRoom.Said;

/** The order in which lines count, whatever was struck and entered late. */
class LogTest {
    private final List<Line> lines = new ArrayList<>();

    private UUID line(Entry entry, UUID before) {
        Line line = new Line(UUID.randomUUID(), lines.size() + 1L, Instant.EPOCH, "Ada", before, entry);
        lines.add(line);
        return line.id();
    }

    private UUID in() {
        return line(new Said.In(1), null);
    }

    private UUID inBefore(UUID other) {
        return line(new Said.In(1), other);
    }

    private void strike(UUID target) {
        line(new RecordEntry.Struck(target, ""), null);
    }

    private void undo(UUID target) {
        line(new RecordEntry.StrikeUndone(target), null);
    }

    private Log<Said> log() {
        return new Log<>(new LogName("jar"), lines);
    }

    private List<Long> counted() {
        return log().counted().stream().map(Line::sequence).toList();
    }

    @Test
    void anEmptyLogHasNothingAndEndsAtNought() {
        assertThat(Log.empty(new LogName("jar")).lastSequence()).isZero();
        assertThat(Log.empty(new LogName("jar")).counted()).isEmpty();
        assertThat(Log.empty(new LogName("jar")).find(UUID.randomUUID())).isEmpty();
    }

    @Test
    void linesBeforeTheSameOneCountInTheOrderInWhichTheyWereSaid() {
        in();
        UUID anchor = in();
        inBefore(anchor);
        inBefore(anchor);
        assertThat(counted()).containsExactly(1L, 3L, 4L, 2L);
    }

    @Test
    void lateLinesHangOnLateLines() {
        UUID first = in();
        UUID late = inBefore(first);
        UUID later = inBefore(late);
        inBefore(later);
        assertThat(counted()).containsExactly(4L, 3L, 2L, 1L);
    }

    @Test
    void whatIsStruckIsLeftOutAndWhatHungOnItGoesToTheEnd() {
        in();
        UUID anchor = in();
        inBefore(anchor);
        in();
        strike(anchor);
        assertThat(counted()).containsExactly(1L, 3L, 4L);
        undo(anchor);
        assertThat(counted()).containsExactly(1L, 3L, 2L, 4L);
    }

    @Test
    void aStrikeOfALateLineTakesThatAloneAway() {
        UUID anchor = in();
        UUID late = inBefore(anchor);
        UUID other = inBefore(anchor);
        strike(late);
        assertThat(counted()).containsExactly(3L, 1L);
        strike(other);
        assertThat(counted()).containsExactly(1L);
    }

    @Test
    void aLineEnteredBeforeAStrikeHasItsPlaceThere() {
        in();
        UUID gone = in();
        strike(gone);
        UUID strikeLine = lines.getLast().id();
        in();
        inBefore(strikeLine);
        assertThat(counted()).containsExactly(1L, 5L, 4L);
    }

    @Test
    void eachLineThatCountsCountsOnce() {
        UUID a = in();
        UUID b = inBefore(a);
        UUID c = inBefore(b);
        strike(b);
        undo(b);
        strike(c);
        in();
        assertThat(counted()).doesNotHaveDuplicates().hasSize(3);
        assertThat(log().struck()).containsOnlyKeys(c);
    }

    @Test
    void aLogDoesNotChangeWhenAnotherIsMadeOfIt() {
        in();
        Log<Said> before = log();
        Log<Said> after =
                before.plus(List.of(new Line(UUID.randomUUID(), 2, Instant.EPOCH, "Ada", null, new Said.In(1))));
        assertThat(before.lines()).hasSize(1);
        assertThat(after.lines()).hasSize(2);
        assertThat(after.after(1)).singleElement();
        assertThat(after.find(after.lines().getLast().id())).isPresent();
    }
}
