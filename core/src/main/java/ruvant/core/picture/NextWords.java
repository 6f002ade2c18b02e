package ruvant.core.picture;

import ruvant.core.units.CurrencyHere;

/** A next step as a screen says it. Nothing reads these words. */
public final class NextWords {
    private NextWords() {}

    /** The step, short. */
    public static String what(NextStep step) {
        return switch (step) {
            case NextStep.WaitOver wait ->
                "Wait finished: " + wait.what() + (wait.part() == null ? "" : ", " + wait.part());
            case NextStep.PutBack back -> "Put back: " + back.part();
            case NextStep.Treat treat ->
                switch (treat.calls()) {
                            case "clean" -> "Clean: ";
                            case "mend" -> "Mend: ";
                            case "adjust" -> "Adjust: ";
                            case "part" -> "Find a part: ";
                            default -> "Treat the cause: ";
                        }
                        + treat.cause();
            case NextStep.TimeBefore time -> "Time the speeds";
            case NextStep.CheckBefore check ->
                "Check " + (check.checks().itself() ? "before “" : "at “")
                        + check.checks().at() + "”";
            case NextStep.CheckNow check -> (check.failed() ? "Failed at “" : "Check at “") + check.part() + "”";
            case NextStep.LookAt look -> "Look: " + look.suspect();
            case NextStep.SayWhatIsWrong say -> "Note the symptoms";
            case NextStep.RaiseSuspect raise -> "Add a suspect";
            case NextStep.MeasureTurn turn -> "Measure after the turn";
            case NextStep.TryFunctions all -> "Check every function";
            case NextStep.Open open -> "Open it";
            case NextStep.FireThrough fire -> "Fire it to prove it";
            case NextStep.ProveRest rest -> "Try what worked before";
            case NextStep.WriteSheet sheet -> "Write the return sheet";
            case NextStep.FindPart need -> "Find a part: " + need.wanted();
            case NextStep.Decide decide -> "Decide: " + decide.what();
            case NextStep.SettleAgreed agreed -> "Agreed work: " + agreed.first();
            case NextStep.FillPlace place -> "Empty place: " + place.words();
            case NextStep.GetTool tool -> "Get the tool: " + tool.tool();
            case NextStep.OverLimit limit ->
                limit.over()
                        ? "Ask the owner: the agreed limit is spent"
                        : "Ask the owner: it will cost more than agreed";
            case NextStep.OwnerAnswers asked ->
                (asked.due() ? "Ask the owner again: " : "Waiting for the owner: ") + asked.question();
            case NextStep.Collect collect ->
                collect.overdue() ? "Not collected: tell the owner" : "Waiting to be collected";
        };
    }

    /** Why it comes up. */
    public static String why(NextStep step) {
        return switch (step) {
            case NextStep.WaitOver wait -> "check it and carry on";
            case NextStep.PutBack back ->
                back.ready() == 1 ? "everything under it is back" : back.ready() + " parts may go back";
            case NextStep.Treat treat -> "cause confirmed, nothing done about it yet";
            case NextStep.TimeBefore time -> "before you open it, so that there is something to compare with";
            case NextStep.CheckBefore check -> check.checks().first().words();
            case NextStep.CheckNow check -> check.check().words() + (check.failed() ? ": " + check.seen() : "");
            case NextStep.LookAt look -> look.why().isEmpty() ? "suspect still open" : look.why();
            case NextStep.SayWhatIsWrong say -> "no symptom noted yet";
            case NextStep.RaiseSuspect raise -> "a symptom is noted, but no suspect";
            case NextStep.MeasureTurn turn -> turn.adjuster() + " was turned, nothing measured since";
            case NextStep.TryFunctions all -> "what works now must work at return";
            case NextStep.Open open ->
                open.agreed() == null ? "nothing is off yet" : open.agreed().words();
            case NextStep.FireThrough fire -> fire.inARow() + " of " + fire.wanted() + " good in a row";
            case NextStep.ProveRest rest ->
                rest.open() + (rest.open() == 1 ? " speed or function" : " speeds or functions") + " not tried since";
            case NextStep.WriteSheet sheet -> "everything is back and proved";
            case NextStep.FindPart need -> need.what().isEmpty() ? "needed, not found yet" : need.what();
            case NextStep.Decide decide -> "still open";
            case NextStep.SettleAgreed agreed ->
                agreed.open() == 1 ? "neither done nor left" : agreed.open() + " of it neither done nor left";
            case NextStep.FillPlace place -> "fit one, or say why it stays empty";
            case NextStep.GetTool tool -> tool.remark().isEmpty() ? "the work waits for it" : tool.remark();
            case NextStep.OverLimit limit ->
                CurrencyHere.words(limit.spentMinor(), limit.currency()) + " so far"
                        + (limit.leftMinor() == 0
                                ? ""
                                : ", about " + CurrencyHere.words(limit.leftMinor(), limit.currency()) + " to come")
                        + ", limit " + CurrencyHere.words(limit.limitMinor(), limit.currency());
            case NextStep.OwnerAnswers asked ->
                asked.days() == 0
                        ? "asked today"
                        : asked.days() == 1 ? "asked a day ago" : "asked " + asked.days() + " days ago";
            case NextStep.Collect collect ->
                "told on " + collect.told() + (collect.overdue() ? ", was kept until " : ", kept until ")
                        + collect.until();
        };
    }
}
