package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ruvant.core.job.HandoverEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.ProveEntry;
import ruvant.core.job.RecordEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.SpeedSeries;
import ruvant.core.job.StripEntry;
import ruvant.core.job.TreatEntry;
import ruvant.core.measure.MarkedSpeed;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.Trays;
import ruvant.core.treat.Modifications;
import ruvant.core.treat.Stations;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

/** Whether lines may be added to a log. */
public final class JobRules {
    private final Shop shop;
    private final Function<JobPicture, LearnedChecks> learned;
    private final Supplier<List<Stations.Held>> waiting;
    private final Instant now;

    /** @param now the moment for which waits are judged */
    public JobRules(Shop shop, Instant now) {
        this(shop, picture -> LearnedChecks.NONE, List::of, now);
    }

    /**
     * @param learned what earlier jobs of the model of a job learned to look at; asked for only when a part goes back
     * @param waiting what lies in the stations of the shop, all jobs; asked for only when a wait wants one
     * @param now the moment for which waits are judged
     */
    public JobRules(
            Shop shop,
            Function<JobPicture, LearnedChecks> learned,
            Supplier<List<Stations.Held>> waiting,
            Instant now) {
        this.shop = shop;
        this.learned = learned;
        this.waiting = waiting;
        this.now = now;
    }

    private RefitAnswers refit(JobFold fold) {
        JobPicture picture = picture(fold);
        return picture.refit(learned.apply(picture), now);
    }

    /**
     * What comes of adding lines: a refusal, or the log and the job as they then are.
     *
     * @param picture empty exactly when refused
     */
    public record Outcome(
            Optional<Refusal> refusal, JobLog log, Optional<JobPicture> picture, Optional<Folded> folded) {}

    /**
     * A log already read, to be carried on from. It is used once: whoever adds to it takes it along, and gets another
     * with the outcome.
     */
    public static final class Folded {
        private final JobFold fold;
        private final long lastSequence;

        private Folded(JobFold fold, long lastSequence) {
            this.fold = fold;
            this.lastSequence = lastSequence;
        }
    }

    /** Why these lines cannot be added, in this order, as one; empty when they can. */
    public Optional<Refusal> refusal(JobLog log, List<Line> added) {
        return added(log, added, Optional.empty()).refusal();
    }

    /**
     * Adds lines, in this order, as one. The log is folded once for both, the rules and the picture.
     *
     * @param log the log as it stands
     * @param added lines that would follow it
     * @param earlier this log as folded when it was last added to; where it is not that log, it is read anew
     */
    public Outcome added(JobLog log, List<Line> added, Optional<Folded> earlier) {
        JobLog after = log.plus(added);
        boolean reachesBack = added.stream().anyMatch(this::reachesBack);
        Optional<JobFold> carriedOn = earlier.filter(
                        folded -> folded.lastSequence == log.lastSequence() && !reachesBack)
                .map(folded -> folded.fold);
        JobFold fold = carriedOn.orElseGet(() -> new JobFold(log.tag()));
        Optional<Refusal> refused = strikes(log, added);
        if (refused.isEmpty()) {
            refused = reachesBack
                    ? replay(fold, after, added)
                    : follow(fold, carriedOn.isPresent() ? List.of() : log.counted(), added);
        }
        if (refused.isPresent()) {
            return new Outcome(refused, log, Optional.empty(), Optional.empty());
        }
        JobPicture picture = fold.picture(after.lastSequence(), shop.practice());
        return new Outcome(
                Optional.empty(), after, Optional.of(picture), Optional.of(new Folded(fold, after.lastSequence())));
    }

    private Optional<Refusal> follow(JobFold fold, List<Line> counted, List<Line> added) {
        counted.forEach(fold::take);
        for (Line line : added) {
            Optional<Refusal> refused = fold.objection(line).or(() -> unwise(fold, line));
            if (refused.isPresent()) {
                return refused;
            }
            fold.take(line);
        }
        return Optional.empty();
    }

    private boolean reachesBack(Line line) {
        return line.before() != null || line.entry() instanceof RecordEntry;
    }

    private Optional<Refusal> strikes(JobLog log, List<Line> added) {
        Set<UUID> struck = new HashSet<>(log.struck().keySet());
        Set<UUID> seen = new HashSet<>();
        for (Line line : added) {
            Optional<Refusal> refused = switch (line.entry()) {
                case RecordEntry.Struck strike -> strikable(log, strike.target(), struck, seen);
                case RecordEntry.StrikeUndone undone
                when !struck.remove(undone.target()) ->
                    Optional.of(new Refusal("notStruck", "That line counts already.", "Nothing to enter."));
                default -> anchor(log, line);
            };
            if (refused.isPresent()) {
                return refused;
            }
            seen.add(line.id());
        }
        return Optional.empty();
    }

    private static Optional<Refusal> strikable(JobLog log, UUID target, Set<UUID> struck, Set<UUID> seen) {
        Optional<Line> line = log.find(target);
        if (line.isEmpty() && !seen.contains(target)) {
            return Optional.of(
                    new Refusal("lineUnknown", "There is no such line to strike.", "Choose a line of this job."));
        }
        if (line.isPresent() && line.get().entry() instanceof RecordEntry) {
            return Optional.of(new Refusal("strikeOfStrike", "A strike is undone, not struck.", "Undo it instead."));
        }
        return struck.add(target)
                ? Optional.empty()
                : Optional.of(new Refusal("struckTwice", "That line is struck already.", "Nothing to enter."));
    }

    private static Optional<Refusal> anchor(JobLog log, Line line) {
        return line.before() == null || log.find(line.before()).isPresent()
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "lineUnknown",
                        "The line it happened before is not in this job.",
                        "Choose a line of this job."));
    }

    /** After a strike or a late entry the whole log is read again: each later line must still make sense. */
    private Optional<Refusal> replay(JobFold fold, JobLog after, List<Line> added) {
        Set<UUID> fresh = added.stream().map(Line::id).collect(Collectors.toSet());
        for (Line line : after.counted()) {
            Optional<Refusal> refused = fold.objection(line);
            boolean isFresh = fresh.contains(line.id());
            if (refused.isEmpty() && isFresh) {
                refused = unwise(fold, line);
            }
            if (refused.isPresent()) {
                return isFresh ? refused : Optional.of(restsOn(after, added));
            }
            fold.take(line);
        }
        return Optional.empty();
    }

    private Refusal restsOn(JobLog after, List<Line> added) {
        List<Line> resting = resting(after);
        boolean strike = added.stream().anyMatch(line -> line.entry() instanceof RecordEntry);
        String words = resting.stream()
                .map(line -> "line " + line.sequence() + ", " + EntryWords.of(line.entry()))
                .collect(Collectors.joining("; "));
        return new Refusal(
                "restsOnIt",
                (resting.size() == 1 ? "A later line rests" : resting.size() + " later lines rest") + " on this: "
                        + words + ".",
                strike
                        ? "Strike them together, or leave it."
                        : "Strike those first, or enter it without a place in the order.");
    }

    /**
     * The lines that would make no sense any more in this log, oldest first: those to strike along with what was
     * struck.
     */
    public static List<Line> resting(JobLog after) {
        List<Line> resting = new ArrayList<>();
        JobFold fold = new JobFold(after.tag());
        for (Line line : after.counted()) {
            if (fold.objection(line).isPresent()) {
                resting.add(line);
            } else {
                fold.take(line);
            }
        }
        return resting;
    }

    /** What may not be done just now though it makes sense: gates, harm, wells, an unbalanced ledger. */
    private Optional<Refusal> unwise(JobFold fold, Line line) {
        return switch (line.entry()) {
            case StripEntry.Removed removed -> trays(fold).objection(removed.wells());
            case StripEntry.Moved moved -> trays(fold).objection(moved.wells());
            case RefitEntry.Refitted refit -> refit(fold).objection(refit);
            case RefitEntry.GateAnswered answer -> unknownCheck(fold, answer);
            case StripEntry.StuckTried tried
            when tried.rung().irreversible() ->
                notAgreed(fold, tried.agreed(), tried.rung().label());
            case TreatEntry.Mended mended when mended.modification() -> notAgreed(fold, mended.agreed(), mended.what());
            case TreatEntry.Modified modified -> notAgreed(fold, agreedOf(fold, modified), modified.what());
            case TreatEntry.WaitStarted wait
            when !wait.station().isEmpty() -> Stations.objection(wait, shop.practice(), waiting(fold), now);
            case TreatEntry.Cleaned cleaned -> shop.materials().objection(cleaned);
            case TreatEntry.Lubricated oiled ->
                shop.lubrication().objection(oiled, shop.practice().school());
            case HandoverEntry.Returned returned -> unbalanced(fold);
            case ruvant.core.job.IntakeEntry.Received in -> readable(in);
            case ProveEntry.FiringsTimed timed -> isMarked(timed.speed());
            case ProveEntry.FiringsMeasured measured -> isMarked(measured.speed());
            case ProveEntry.SpeedGuessed guess -> isMarked(guess.speed());
            default -> Optional.empty();
        };
    }

    /** Of this job what was just added counts as well. */
    private List<Stations.Held> waiting(JobFold fold) {
        JobPicture own = picture(fold);
        List<Stations.Held> all = new ArrayList<>(waiting.get().stream()
                .filter(one -> !one.tag().equals(own.tag()))
                .toList());
        own.treat().waits().forEach(wait -> all.add(new Stations.Held(own.tag(), wait)));
        return all;
    }

    /** @throws ruvant.core.units.FieldProblem where it is not */
    private static Optional<Refusal> isMarked(String speed) {
        MarkedSpeed.nominalSeconds(speed, SpeedSeries.AS_MARKED);
        return Optional.empty();
    }

    /** What cannot be undone is the owner's to agree to, where the shop keeps to that; its own cameras are its own. */
    private Optional<Refusal> notAgreed(JobFold fold, String agreed, String what) {
        return agreed.isEmpty()
                        && shop.practice().asksFirst(picture(fold).received().owner())
                ? Optional.of(new Refusal(
                        "ownerNotAsked",
                        "Nothing is said of the owner agreeing to “" + what + "”, which cannot be undone.",
                        "Ask first, and say how they agreed: “by telephone, on Tuesday”."))
                : Optional.empty();
    }

    /** Who agreed to the first go agreed to those after it. */
    private String agreedOf(JobFold fold, TreatEntry.Modified next) {
        return Modifications.of(picture(fold).treat().modified()).stream()
                .filter(one -> one.first().sameAs(next))
                .map(Modifications.Modification::agreed)
                .findFirst()
                .filter(agreed -> !agreed.isEmpty())
                .orElse(next.agreed());
    }

    private Optional<Refusal> unknownCheck(JobFold fold, RefitEntry.GateAnswered answer) {
        RefitAnswers refit = refit(fold);
        boolean known = picture(fold).valley().part(answer.part()).stream()
                .flatMap(part -> refit.checks(part).stream())
                .anyMatch(check -> check.text().equals(answer.check()));
        return known
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "checkUnknown",
                        "“" + answer.part() + "” has no check “" + answer.check() + "”.",
                        "Add it as a check of your own."));
    }

    private static Optional<Refusal> readable(ruvant.core.job.IntakeEntry.Received in) {
        try {
            in.speeds().forEach(speed -> ruvant.core.measure.MarkedSpeed.nominalSeconds(speed, in.series()));
            return Optional.empty();
        } catch (FieldProblem problem) {
            return Optional.of(new Refusal("speedUnreadable", problem.getMessage(), problem.remedy()));
        }
    }

    private Optional<Refusal> unbalanced(JobFold fold) {
        JobPicture picture = picture(fold);
        if (picture.notes().trial().isPresent()) {
            return Optional.of(new Refusal(
                    "trialOn",
                    "A trial assembly is still on: "
                            + picture.notes().trial().get().what().how() + ".",
                    "Take it apart and say so, then put the parts back."));
        }
        Ledger ledger = Ledger.of(picture.valley());
        if (ledger.closed()) {
            return Optional.empty();
        }
        List<String> missing = new ArrayList<>(ledger.missing());
        picture.valley()
                .out()
                .forEach(part ->
                        missing.add("“" + part.name() + "”, " + part.lastSeen().orElse("no well noted")));
        return Optional.of(new Refusal(
                "notAllAccounted",
                "Not everything is accounted for: " + String.join("; ", missing) + ".",
                "Put it back, or leave it out with a reason."));
    }

    private Trays trays(JobFold fold) {
        return Trays.of(picture(fold).valley(), shop.practice());
    }

    private JobPicture picture(JobFold fold) {
        return fold.picture(0, shop.practice());
    }
}
