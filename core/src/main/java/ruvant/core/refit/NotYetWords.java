package ruvant.core.refit;

/** Why a part may not go back yet, as a screen or a refusal says it. Nothing reads these words. */
public final class NotYetWords {
    private NotYetWords() {}

    /** Half a sentence, without a full stop. */
    public static String of(NotYet why) {
        return switch (why) {
            case NotYet.InnerStillOut inner ->
                "Still out under it: " + inner.deepest() + (inner.more() == 0 ? "" : " and " + inner.more() + " more");
            case NotYet.WaitRuns wait -> wait.what() + (wait.itself() ? "" : " (" + wait.on() + ")");
            case NotYet.PartNeeded need -> "Needed: " + need.what();
            case NotYet.PieceGone piece ->
                (piece.destroyed() ? "Destroyed: " : "Lost: ") + piece.count() + " × " + piece.type();
            case NotYet.TrialOn trial ->
                "A trial assembly is together" + (trial.how().isEmpty() ? "" : " (" + trial.how() + ")");
            case NotYet.StateWrong state ->
                (state.byMark() ? "Its mark holds " : "It goes on ")
                        + state.wanted().label() + "; it is " + state.now().label() + " now";
            case NotYet.PiecesUnaccounted pieces -> "Not accounted for: " + String.join("; ", pieces.missing());
            case NotYet.ChecksOpen checks ->
                (checks.open() == 1 ? "Check: " : checks.open() + " checks open: ") + checks.first();
        };
    }
}
