package ruvant.core.picture;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.intake.VisitorVerdict;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.refit.RefitHints;
import ruvant.core.refit.WayBack;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.LookAlikes;
import ruvant.core.strip.Trays;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Stop;
import ruvant.core.wish.Wish;

/**
 * A job as it stands now: its log, its shop, what earlier jobs taught and the clock, put together in one place. Bench,
 * camera, sheets, lists and plans read this and nothing else, so that no two of them can say different things. Each answer
 * is worked out when it is first asked for.
 */
public final class JobNow {
    private final JobPicture picture;
    private final Shop shop;
    private final LearnedChecks learned;
    private final double refitPace;
    private final Instant now;
    private RefitAnswers refit;
    private Trays trays;
    private List<NextStep> next;
    private CostSoFar cost;

    /**
     * @param learned what earlier jobs of the model looked at and where they slipped
     * @param refitPace this shop's refit time as a multiple of the usual
     */
    public JobNow(JobPicture picture, Shop shop, LearnedChecks learned, double refitPace, Instant now) {
        this.picture = picture.ordered(learned.order(), shop.plans(), shop.adjusters());
        this.shop = shop;
        this.learned = learned;
        this.refitPace = refitPace;
        this.now = now;
    }

    /** The same as if a task were wished otherwise, to see what would come of it. */
    public JobNow wishing(String task, Wish wish) {
        return new JobNow(picture.wishing(picture.wishes().with(task, wish)), shop, learned, refitPace, now);
    }

    /** What the log alone comes to. */
    public JobPicture picture() {
        return picture;
    }

    /** The shop in which it stands. */
    public Shop shop() {
        return shop;
    }

    /** The moment for which all of this holds. */
    public Instant now() {
        return now;
    }

    /** What may go back. */
    public RefitAnswers refit() {
        if (refit == null) {
            refit = picture.refit(learned, shop.lists(), now);
        }
        return refit;
    }

    /** What lies in the trays. */
    public Trays trays() {
        if (trays == null) {
            trays = Trays.of(picture.valley(), shop.practice());
        }
        return trays;
    }

    /** Fasteners lying out that the eye will not tell apart. */
    public List<LookAlikes.Pair> lookAlikes() {
        return LookAlikes.among(picture.valley(), shop.practice().standards().lookAlikeMm());
    }

    /** The balances of pieces and places. */
    public Ledger ledger() {
        return Ledger.of(picture.valley());
    }

    /** What the signs of an earlier visitor come to. */
    public VisitorVerdict visitor() {
        return VisitorVerdict.of(picture.intake().visitorSigns());
    }

    /** Stuck fasteners, each with what to try next. */
    public List<StuckNow> stuck() {
        return picture.notes().stuck().stream()
                .map(one -> StuckNow.of(one, shop.lists()))
                .toList();
    }

    /** What to think of while a part goes on. */
    public List<String> hints(ValleyPart part) {
        return RefitHints.of(part, visitor(), refit().stillToTry(part), learned.slips(part.name()), watched(part));
    }

    private List<String> watched(ValleyPart part) {
        return picture.find().watched(part.name()).stream()
                .map(seen -> (seen.place().isEmpty() ? "" : seen.place() + " ") + seen.condition())
                .toList();
    }

    /** How long the way back is. */
    public WayBack wayBack() {
        return WayBack.of(picture.valley(), picture.treat(), now, refitPace);
    }

    /** How long it takes to put one part back here. */
    public Duration takesBack(ValleyPart part) {
        return WayBack.takes(part, refitPace);
    }

    /** Where the camera is, for whoever sits down to it again. */
    public PickUp pickUp() {
        return PickUp.of(picture, trays(), now);
    }

    /** How far each stop is. */
    public List<StopProgress> stops() {
        return StopProgress.of(picture);
    }

    /** What can be done now, most urgent first; empty when all there is to do is wait. */
    public List<NextStep> next() {
        if (next == null) {
            List<NextStep> all = new ArrayList<>(
                    OwnerSteps.of(picture, cost(), shop.pricing().terms(), now));
            all.addAll(NextSteps.of(picture, refit(), shop.faults(), now));
            all.sort(Comparator.comparingInt(NextStep::urgency));
            next = List.copyOf(all);
        }
        return next;
    }

    /** What is still to be done before the camera goes back; what holds it back first. */
    public List<Outstanding> outstanding() {
        return OutstandingList.of(picture, refit(), learned, shop, now);
    }

    /** Whether nothing stands between the camera and its owner any more: all is back, settled and proved. */
    public boolean readyToReturn() {
        boolean fired =
                picture.valley().parts().isEmpty() || picture.prove().streak().proved();
        return !picture.returned() && fired && outstanding().stream().noneMatch(Outstanding::holds);
    }

    /** The stop at which work goes on: where somebody sits, else as far as the work has come. */
    public Stop currentStop() {
        return CurrentStop.of(picture, next());
    }

    /** The return sheet as it would be handed over now. */
    public ReturnSheet sheet() {
        return ReturnSheets.of(picture, shop);
    }

    /** What is to be proved beside speeds, firings in a row and functions. */
    public List<ProofDue> proofs() {
        return ProofsDue.of(picture, shop.proofs());
    }

    /** What it has cost so far, and what the owner allowed. */
    public CostSoFar cost() {
        if (cost == null) {
            cost = CostSoFar.of(picture, shop.pricing(), now);
        }
        return cost;
    }

    /** Minutes at the bench in all, a present sitting up to now included. */
    public long minutes() {
        return picture.sitting().minutesAt(now);
    }
}
