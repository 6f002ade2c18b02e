package ruvant.core.refit;

import ruvant.core.strip.InTheWay;

/** Why a part may not go back yet, as a screen or a refusal says it. Nothing reads these words. */
public final class NotYetWords {
    private NotYetWords() {}

    /** Half a sentence, without a full stop. */
    public static String of(NotYet why) {
        return switch (why) {
            case NotYet.InnerStillOut inner ->
                (inner.way().probable() ? "Probably under it, still out: " : "Still out under it: ")
                        + named(inner.way());
            case NotYet.ClosedIn closed ->
                (closed.way().probable() ? "Probably over it, back already: " : "Back already over it: ")
                        + named(closed.way());
            case NotYet.WaitRuns wait -> wait.what() + (wait.itself() ? "" : " (" + wait.on() + ")");
            case NotYet.PartNeeded need -> "Needed: " + need.what();
            case NotYet.PieceGone piece -> piece.how().words() + ": " + piece.count() + " × " + piece.piece();
            case NotYet.TrialOn trial ->
                "A trial assembly is together" + (trial.how().isEmpty() ? "" : " (" + trial.how() + ")");
            case NotYet.StateWrong state ->
                (state.byMark() ? "Its mark holds " : "It goes on ")
                        + state.wanted().label() + "; it is " + state.now().label() + " now";
            case NotYet.PiecesUnaccounted pieces -> "Not accounted for: " + String.join("; ", pieces.missing());
            case NotYet.StepsFirst steps ->
                "First step " + steps.number() + " of " + steps.procedure() + ": " + steps.step();
            case NotYet.ChecksOpen checks ->
                checks.open() == 1 && checks.itself()
                        ? checks.first().words()
                        : (checks.open() == 1 ? "Check" : checks.open() + " checks open")
                                + (checks.itself() ? ": " : " at “" + checks.at() + "”, under it: ")
                                + checks.first();
            case NotYet.CheckFailed failed ->
                "Failed" + (failed.itself() ? ": " : " at “" + failed.at() + "”, under it: ") + failed.check() + ", "
                        + failed.seen();
        };
    }

    private static String named(InTheWay way) {
        return way.part() + (way.more() == 0 ? "" : " and " + way.more() + " more");
    }
}
