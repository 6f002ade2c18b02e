package ruvant.core.logline;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.said.Statement;

/** What each kind of statement puts into the record of a job. */
final class Meaning {
    private final StripLines strip;
    private final RemovalLines removal;
    private final RefitLines refit;
    private final TreatLines treat;
    private final PartsLines replacement;
    private final FindLines find;
    private final IntakeLines intake;
    private final ProveLines prove;
    private final AdjustLines adjust;
    private final BenchLines bench;

    Meaning(JobPicture picture, Shop shop, AdjustLines adjust) {
        KnownParts parts = new KnownParts(picture.valley());
        this.strip = new StripLines(picture, shop, parts);
        this.removal = new RemovalLines(picture, shop, parts);
        this.refit = new RefitLines(parts);
        this.treat = new TreatLines(picture, shop, parts);
        this.replacement = new PartsLines(picture, parts);
        this.find = new FindLines(picture, parts);
        this.intake = new IntakeLines(picture, shop, parts);
        this.prove = new ProveLines(
                picture,
                SpokenHere.afterWork(picture) || !picture.valley().parts().isEmpty());
        this.adjust = adjust;
        this.bench = new BenchLines(picture, parts);
    }

    /**
     * The entries that say it.
     *
     * @throws ruvant.core.units.FieldProblem where something that it needs is not said or not known
     */
    List<JobEntry> of(Statement statement) {
        Fields said = Fields.of(statement);
        return switch (statement.kind()) {
            case REMOVED -> removal.removed(said);
            case PUT_BACK -> refit.putBack(said);
            case TREATED -> treat.treated(said);
            case MENDED -> treat.mended(said);
            case MODIFIED -> treat.modified(said);
            case REPLACED -> replacement.replaced(said);
            case NEED -> replacement.need(said);
            case FINDING -> find.finding(said);
            case VISITOR_SIGN -> intake.visitorSign(said);
            case SYMPTOM -> find.symptom(said);
            case SUSPECT -> find.suspect(said);
            case CLEARED -> find.cleared(said);
            case CAUSE -> find.cause(said);
            case TIMED -> prove.timed(said);
            case FIRED -> prove.fired(said);
            case FUNCTION -> intake.function(said);
            case SPRING -> strip.spring(said);
            case STATE -> strip.state(said);
            case LOST -> strip.lost(said);
            case FOUND_AGAIN -> strip.foundAgain(said);
            case MISSING -> strip.missing(said);
            case SURPLUS -> strip.surplus(said);
            case ADJUSTED -> adjust.adjusted(said);
            case RESULT -> adjust.result(said);
            case SWAP -> find.swap(said);
            case BATTERY_FOUND -> intake.batteryFound(said);
            case BATTERY_TO_USE -> intake.batteryToUse(said);
            case WAIT -> treat.waiting(said);
            case TOOL -> bench.tool(said);
            case DECISION -> bench.decision(said);
            case STUCK -> strip.stuck(said);
            case SLIP -> bench.slip(said);
            case MODEL_NOTE -> bench.modelNote(said);
            case ESTIMATE -> bench.estimate(said);
            case ADVICE -> bench.advice(said);
            case REMARK -> bench.noted(said.text("says"));
            case DESTROYED -> strip.destroyed(said);
            case MOVED -> strip.moved(said);
            case TRIED -> refit.tried(said);
            case TRIAL -> refit.trial(said);
            case TRIAL_UNDONE -> refit.trialUndone(said);
            case LEFT_OUT -> refit.leftOut(said);
            case LEAVE_ALONE -> strip.leaveAlone(said);
            case CHECK_ADDED -> refit.checkAdded(said);
            case CHECK_FAILED -> refit.checkFailed(said);
            case PICTURED -> bench.pictured(said);
            case SAT_DOWN -> bench.satDown(said);
            case GOT_UP -> bench.gotUp(said);
            case WAIT_OVER -> treat.waitOver(said);
            case SCOPE -> intake.scope(said);
            case SCOPE_DONE -> intake.scopeDone(said);
            case ROOT -> find.root(said);
            case OUTSIDE -> intake.outside(said);
            case FIT -> replacement.fit(said);
            case LIES_OVER -> strip.liesOver(said);
            case LEFT_EMPTY -> strip.leftEmpty(said);
            case ALSO_MARKED -> strip.alsoMarked(said);
            case DRY_RUN -> treat.dryRun(said);
            case NEED_DROPPED -> replacement.needDropped(said);
            case LEFT_OPEN -> bench.leftOpen(said);
            case PROBED -> treat.probed(said);
            case MADE_OF -> treat.madeOf(said);
            case PIECE_FITTED -> replacement.pieceFitted(said);
            case SCOPE_LEFT -> intake.scopeLeft(said);
            case FREE_OF -> strip.freeOf(said);
        };
    }
}
