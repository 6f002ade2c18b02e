package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.picture.NextStep;
import ruvant.core.picture.Outstanding;
import ruvant.core.prove.ProveEntry;
import ruvant.core.strip.CheckWhen;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.Mark;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.CheckMoment;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Side;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class CheckMomentsTest {
    private static final PartName COVER = PartName.of("front cover");
    private static final PartName RING = PartName.of("speed ring");

    private final Logs logs = Logs.camera();

    private void strip() {
        logs.add(StripEntry.Removed.of("front cover", Side.FRONT, false));
        logs.add(new StripEntry.Removed(
                RING,
                Side.FRONT,
                false,
                List.of(),
                List.of(),
                List.of(),
                "",
                new Mark("notch at dot", ""),
                List.of(),
                Set.of(),
                ""));
        logs.add(new StripEntry.EdgeSet(COVER, RING, true));
    }

    private static Named check(String words) {
        return Named.of(words);
    }

    private void added(PartName part, String words, CheckWhen when) {
        logs.add(new RefitEntry.GateAdded(part, check(words), when));
    }

    private RefitAnswer answer(PartName part) {
        return logs.stands().refit().of(logs.picture().valley().part(part).orElseThrow());
    }

    private GateCheck at(PartName part, String words) {
        return logs.stands().refit().checks(logs.picture().valley().part(part).orElseThrow()).stream()
                .filter(one -> one.text().equals(words))
                .findFirst()
                .orElseThrow();
    }

    private void back(PartName part) {
        logs.add(new RefitEntry.Refitted(part, List.of(), "", ""));
    }

    @Test
    void whatCanBeSeenOnlyOnceAPartIsOnIsAskedThenAndBeforeItIsCovered() {
        strip();
        assertThat(answer(RING).kind()).isEqualTo(RefitAnswer.Kind.READY);
        back(RING);
        assertThat(answer(COVER).reason()).isEqualTo("Check at “speed ring”, under it: Mark matched: notch at dot");
        assertThat(logs.stands().next())
                .first()
                .isEqualTo(new NextStep.CheckNow(
                        RING, at(RING, "Mark matched: notch at dot").what(), false, ""));
        logs.add(new RefitEntry.GateAnswered(RING, "Mark matched: notch at dot", true, ""));
        assertThat(answer(COVER).kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void aCheckThatFailsHoldsThePartAndWhatWouldCoverItUntilItHoldsOrIsWaived() {
        strip();
        added(RING, "turns freely by hand", CheckWhen.BEFORE);
        logs.add(new RefitEntry.CheckFailed(RING, check("turns freely by hand"), "binds at 1/30"));
        assertThat(answer(RING).reason()).isEqualTo("Failed: turns freely by hand, binds at 1/30");
        assertThat(logs.refusal(new RefitEntry.Refitted(RING, List.of(), "", "")))
                .isPresent();
        logs.add(new RefitEntry.GateAnswered(RING, "turns freely by hand", true, ""));
        back(RING);
        logs.add(new RefitEntry.CheckFailed(RING, check("Mark matched: notch at dot"), "one tooth off"));
        assertThat(answer(COVER).reason())
                .isEqualTo("Failed at “speed ring”, under it: Mark matched: notch at dot, one tooth off");
        assertThat(logs.stands().outstanding())
                .extracting(Outstanding::what)
                .contains("Failed check: Mark matched: notch at dot");
        logs.add(StripEntry.Removed.of("speed ring", Side.FRONT, false));
        assertThat(at(RING, "Mark matched: notch at dot").isOpen())
                .as("it comes off again and is checked anew")
                .isTrue();
    }

    @Test
    void aGateMayWaitForTheCameraToShowIt() {
        strip();
        added(RING, "runs before the clip goes on", new CheckWhen(CheckMoment.BEFORE, 3, ""));
        assertThat(logs.refusal(new RefitEntry.GateAnswered(RING, "runs before the clip goes on", true, ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("notShown");
        logs.add(new RefitEntry.TriedUnfixed(RING, ""), new ProveEntry.Fired(true, ""), new ProveEntry.Fired(true, ""));
        assertThat(answer(RING).against()).contains(RefitAnswer.Against.CHECKS_OPEN);
        logs.put(new ProveEntry.Fired(true, ""));
        assertThat(at(RING, "runs before the clip goes on").reason()).isEqualTo("3 firings without a miss");
        assertThat(answer(RING).kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void aGateMayWaitForASpeedWithinItsTolerance() {
        strip();
        added(COVER, "1/60 right before it is closed", new CheckWhen(CheckMoment.BEFORE, 0, "1/60"));
        back(RING);
        logs.add(new RefitEntry.GateAnswered(RING, "Mark matched: notch at dot", true, ""));
        assertThat(answer(COVER).against()).contains(RefitAnswer.Against.CHECKS_OPEN);
        logs.add(new ProveEntry.FiringsTimed(
                "1/60", Phase.AFTER, Attitude.LEVEL, "", List.of(0.0156, 0.0157, 0.0155, 0.0156), false));
        assertThat(answer(COVER).kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void afterFiringsAndOnceClosedAreAskedWhenTheirMomentComes() {
        strip();
        back(RING);
        logs.add(new RefitEntry.GateAnswered(RING, "Mark matched: notch at dot", true, ""));
        added(RING, "paint mark has not moved", new CheckWhen(CheckMoment.FIRED, 2, ""));
        added(RING, "dial clicks with the cover on", CheckWhen.at(CheckMoment.CLOSED));
        assertThat(logs.stands().refit().late())
                .filteredOn(RefitAnswers.LateCheck::due)
                .isEmpty();
        logs.add(new ProveEntry.Fired(true, ""), new ProveEntry.Fired(false, ""));
        assertThat(logs.stands().refit().late())
                .filteredOn(RefitAnswers.LateCheck::due)
                .extracting(late -> late.check().text())
                .containsExactly("paint mark has not moved");
        logs.add(new RefitEntry.GateAnswered(RING, "paint mark has not moved", true, ""));
        back(COVER);
        assertThat(logs.stands().refit().late())
                .filteredOn(RefitAnswers.LateCheck::due)
                .extracting(late -> late.check().text())
                .containsExactly("dial clicks with the cover on");
        assertThat(logs.stands().outstanding())
                .extracting(Outstanding::what)
                .contains("Check: dial clicks with the cover on");
    }

    @Test
    void whatWasWaivedIsAskedAgainAtReturnWithItsReasonAtHand() {
        strip();
        back(RING);
        logs.add(new RefitEntry.GateAnswered(RING, "Mark matched: notch at dot", false, "dot worn away"));
        assertThat(logs.stands().outstanding())
                .filteredOn(one -> one.id().startsWith("waived/"))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.what()).isEqualTo("Waived: Mark matched: notch at dot");
                    assertThat(one.suggested()).isEqualTo("dot worn away");
                });
    }
}
