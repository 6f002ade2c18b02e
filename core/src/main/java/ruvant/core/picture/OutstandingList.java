package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.intake.IntakePicture;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.Outstanding.Hold;
import ruvant.core.prove.SpeedRow;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.refit.Walk;
import ruvant.core.sitting.SittingTime;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.PlaceAccount;
import ruvant.core.strip.ValleyPart;
import ruvant.core.strip.WentBack;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Stop;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** Gathers what is still to be done before a camera goes back. */
final class OutstandingList {
    private static final int NAMED_ALONE = 3;

    private final JobPicture picture;
    private final RefitAnswers refit;
    private final LearnedChecks learned;
    private final Instant now;
    private final List<Outstanding> all = new ArrayList<>();

    private OutstandingList(JobPicture picture, RefitAnswers refit, LearnedChecks learned, Instant now) {
        this.picture = picture;
        this.refit = refit;
        this.learned = learned;
        this.now = now;
    }

    /**
     * All of it: what holds the camera back first, then in the order of the work. Empty for a camera that was returned.
     *
     * @param refit the checks at its parts
     * @param learned how many pieces other cameras of the model have
     * @param shop what each known cause calls for, and what it charges
     * @param now the moment for which waits are judged
     */
    static List<Outstanding> of(JobPicture picture, RefitAnswers refit, LearnedChecks learned, Shop shop, Instant now) {
        if (picture.returned()) {
            return List.of();
        }
        OutstandingList list = new OutstandingList(picture, refit, learned, now);
        list.trial();
        list.out();
        list.unaccounted();
        list.lateChecks();
        list.procedures();
        list.needs();
        list.emptyPlaces();
        list.shortPlaces();
        list.waits();
        list.toProve();
        list.proofs(shop);
        list.agreed();
        list.decisions();
        list.waived();
        list.owner(shop);
        list.maybeLeft(shop.faults());
        list.all.sort(Comparator.comparing(Outstanding::hold));
        return List.copyOf(list.all);
    }

    private void add(String id, Stop stop, PartName part, String what, String why) {
        add(id, stop, part, what, why, "");
    }

    private void add(String id, Stop stop, PartName part, String what, String why, String suggested) {
        all.add(new Outstanding(
                id, stop, Optional.ofNullable(part), Optional.empty(), what, why, Hold.WITHOUT_REASON, suggested));
    }

    private void trial() {
        picture.refitting()
                .trial()
                .ifPresent(trial -> all.add(new Outstanding(
                        "trial",
                        Stop.REFIT,
                        Optional.empty(),
                        Optional.empty(),
                        "Take the trial assembly apart",
                        trial.what().how(),
                        Hold.FIRMLY,
                        "")));
    }

    /** The parts that are still out: each with where it lies, or all in one where a list of them would hide the rest. */
    private void out() {
        List<ValleyPart> out = picture.valley().out();
        if (out.size() > NAMED_ALONE) {
            String names = out.stream().map(part -> part.name().text()).collect(Collectors.joining(", "));
            add("out", Stop.REFIT, null, "Put back " + out.size() + " parts", names);
            return;
        }
        out.forEach(part -> add(
                "out/" + part.name().key(),
                Stop.REFIT,
                part.name(),
                "Put back: " + part.name(),
                part.lastSeen().orElse("no well noted")));
    }

    private void unaccounted() {
        Ledger.of(picture.valley())
                .missing()
                .forEach(piece -> add(
                        "unaccounted/" + Named.idOf(piece),
                        Stop.STRIP,
                        null,
                        "Find or account for: " + piece,
                        "log it as lost, or as found"));
    }

    private void lateChecks() {
        for (RefitAnswers.LateCheck late : refit.late()) {
            GateCheck check = late.check();
            add(
                    "check/" + late.part().key() + "/" + check.what().id(),
                    Stop.REFIT,
                    late.part(),
                    (check.failed() ? "Failed check: " : "Check: ") + check.text(),
                    check.failed() ? check.reason() : check.when().moment().label());
        }
    }

    /** A procedure of this camera that was begun, or whose parts are back, and that is not finished. */
    private void procedures() {
        for (Walk walk : refit.walks()) {
            walk.next()
                    .filter(next ->
                            next.step().part() == null || !isOut(next.step().part()))
                    .ifPresent(next -> add(
                            "procedure/" + walk.procedure().name().id(),
                            Stop.REFIT,
                            next.step().part(),
                            "Not finished: " + walk.procedure().name(),
                            "step " + next.number() + ", " + next.step().what()));
        }
    }

    private void needs() {
        for (PartsPicture.Need need : picture.parts().openNeeds()) {
            add(
                    "need/" + need.part().key() + "/" + Named.idOf(need.wanted().text()),
                    Stop.MEND,
                    need.part(),
                    "Part still needed: " + need.wanted(),
                    need.what().equals(need.wanted().text()) ? "" : need.what());
        }
    }

    /** Places that are empty without a word; those of parts that are out are told with the part. */
    private void emptyPlaces() {
        picture.notes().places().stream()
                .filter(account -> account.open() > 0 && !isOut(account.place().part()))
                .forEach(account -> all.add(new Outstanding(
                        "place/" + account.place().key(),
                        Stop.REFIT,
                        Optional.of(account.place().part()),
                        Optional.of(account.place()),
                        "Empty: " + account.words(account.open()),
                        account.missing() > 0 ? "missing on arrival" : "fill it, or say why it stays empty",
                        Hold.WITHOUT_REASON,
                        "")));
    }

    private boolean isOut(PartName part) {
        return picture.valley().part(part).filter(ValleyPart::out).isPresent();
    }

    /** Places where other cameras of the model have more than this one, and nobody noted that anything was missing. */
    private void shortPlaces() {
        for (PlaceAccount account : picture.notes().places()) {
            learned.usualCount(account.place().part(), account.place().piece()).ifPresent(usual -> {
                if (usual > account.required()) {
                    add(
                            "short/" + account.place().key(),
                            Stop.STRIP,
                            account.place().part(),
                            "Fewer than usual: " + account.words(account.required()),
                            "other cameras of this model have " + usual);
                }
            });
        }
    }

    private void waits() {
        for (TreatPicture.Wait wait : picture.treat().running(now)) {
            add(
                    "wait/" + wait.id(),
                    Stop.CLEAN,
                    wait.part(),
                    "Still waiting: " + wait.what(),
                    wait.part() == null ? "" : wait.part().toString());
        }
    }

    private boolean workedOn() {
        return !picture.valley().parts().isEmpty()
                || picture.treat().workedOn().findAny().isPresent()
                || !picture.adjust().turned().isEmpty();
    }

    private void toProve() {
        if (!workedOn()) {
            return;
        }
        List<String> open = OpenProofs.of(picture);
        if (!open.isEmpty()) {
            add("untried", Stop.PROVE, null, NextWords.what(new NextStep.ProveRest(open.size())), named(open));
        }
        List<String> uncertain = picture.speedsOfTheCamera().stream()
                .filter(row -> row.after()
                        .filter(run -> run.verdict().kind() == SpeedVerdict.Kind.NOT_YET_KNOWN)
                        .isPresent())
                .map(SpeedRow::speed)
                .toList();
        if (!uncertain.isEmpty()) {
            add("uncertain", Stop.PROVE, null, "Fire more: not certain yet", named(uncertain));
        }
        picture.intake().functions().stream()
                .filter(one -> one.result() == FunctionResult.WORKS)
                .filter(one -> picture.prove().functions().stream()
                        .anyMatch(proof ->
                                proof.function().equals(one.function()) && proof.result() == FunctionResult.FAILS))
                .forEach(one -> add(
                        "worse/" + one.function().id(),
                        Stop.PROVE,
                        null,
                        "Worked on arrival, fails now: " + one.function(),
                        ""));
    }

    private void proofs(Shop shop) {
        for (ProofDue due : ProofsDue.of(picture, shop.proofs())) {
            if (due.required() && due.state() != ProofDue.State.PASSED) {
                add(
                        "proof/" + due.proof().id(),
                        Stop.PROVE,
                        null,
                        (due.state() == ProofDue.State.FAILED ? "Failed proof: " : "Prove: ")
                                + due.proof().words(),
                        due.because().getFirst().words());
            }
        }
    }

    private static String named(List<String> names) {
        return String.join(", ", names);
    }

    private void agreed() {
        List<String> agreed = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .map(item -> item.what().words())
                .toList();
        if (!agreed.isEmpty()) {
            add("agreed", Stop.RETURN, null, "Log the agreed work as done or not done", named(agreed));
        }
    }

    private void decisions() {
        for (SittingTime.Decision decision : picture.sitting().decisions()) {
            if (decision.decided().open()) {
                add(
                        "decision/" + decision.id(),
                        Stop.INTAKE,
                        null,
                        "To decide: " + decision.decided().text(),
                        decision.decided().reason());
            }
        }
    }

    /** What was passed over while it went together: its reason is there, and stands ready for the sheet. */
    private void waived() {
        for (ValleyPart part : picture.valley().parts()) {
            if (part.state() != ValleyPart.State.BACK) {
                continue;
            }
            refit.checks(part).stream()
                    .filter(check -> check.state() == GateCheck.State.WAIVED)
                    .forEach(check -> add(
                            "waived/" + part.name().key() + "/" + check.what().id(),
                            Stop.REFIT,
                            part.name(),
                            "Waived: " + check.text(),
                            check.reason(),
                            check.reason()));
            part.settled()
                    .wentBack()
                    .map(WentBack::overrideReason)
                    .filter(reason -> !reason.isEmpty())
                    .ifPresent(reason -> add(
                            "anyway/" + part.name().key(),
                            Stop.REFIT,
                            part.name(),
                            "Put back anyway: " + part.name(),
                            reason,
                            reason));
        }
    }

    /** What the owner was asked and did not answer, and what goes beyond what the owner allowed. */
    private void owner(Shop shop) {
        picture.offer()
                .unanswered()
                .forEach(one -> add(
                        "question/" + one.id(),
                        Stop.INTAKE,
                        null,
                        "Not answered: " + one.question(),
                        "asked the owner"));
        CostSoFar cost = CostSoFar.of(picture, shop.pricing(), now);
        cost.limit()
                .filter(limit -> limit.state() == CostSoFar.State.OVER)
                .ifPresent(limit -> add(
                        "limit/" + limit.agreement(),
                        Stop.RETURN,
                        null,
                        "Over the limit that the owner agreed to",
                        CurrencyHere.words(cost.minor(), cost.currency()) + " so far, limit "
                                + CurrencyHere.words(limit.limitMinor(), cost.currency())));
    }

    private void maybeLeft(FaultKnowledge faults) {
        NextSteps.untreated(picture, faults).forEach(this::maybeLeft);
        NextSteps.turned(picture).ifPresent(this::maybeLeft);
        var streak = picture.prove().streak();
        if (!picture.valley().parts().isEmpty() && !streak.proved()) {
            maybeLeft(new NextStep.FireThrough(streak.current(), streak.wanted()));
        }
    }

    private void maybeLeft(NextStep step) {
        all.add(new Outstanding(
                Named.idOf(NextWords.what(step)),
                step.stop(),
                Optional.empty(),
                Optional.empty(),
                NextWords.what(step),
                NextWords.why(step),
                Hold.NOT,
                ""));
    }
}
