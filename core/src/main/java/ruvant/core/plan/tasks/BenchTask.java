package ruvant.core.plan.tasks;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.Work;
import ruvant.core.trade.Stop;
import ruvant.core.units.MayBeNull;
import ruvant.core.wish.Wish;

/**
 * Something that is still to be done at a camera, or runs there by the clock.
 *
 * @param id within its job, the same from one plan to the next while it is the same task
 * @param kind what it is for the plan
 * @param work what kind of work, from which its minutes are guessed; null for what is no work
 * @param stop where it is done
 * @param words what it is called
 * @param minutes how long it takes; without spread where the clock decides
 * @param skill what its hand must be able to do
 * @param station where a wait lies; empty for none
 * @param mayStart not before; empty for any time
 * @param runs when it started and is to end; empty while it has not started
 * @param by who does it, where it has started
 * @param after what must be over
 * @param wish what somebody wants of it
 */
public record BenchTask(
        String id,
        Kind kind,
        @MayBeNull Work work,
        Stop stop,
        String words,
        Guess minutes,
        String skill,
        String station,
        Optional<Coming> mayStart,
        Optional<Running> runs,
        String by,
        List<Comes> after,
        Wish wish) {
    /** What a task is for the plan. */
    public enum Kind {
        /** Somebody does it. */
        HANDS,
        /** It runs by the clock. */
        WAIT,
        /** It comes from outside: a parcel, an answer. */
        ARRIVAL
    }

    /**
     * When something comes from outside.
     *
     * @param expected most likely then
     * @param spread standard deviation of the logarithm of the time from now until then
     * @param told whether somebody outside named that day; else it is guessed
     * @param words what comes, such as "winding spring, ordered"
     */
    public record Coming(Instant expected, double spread, boolean told, String words) {}

    /** From when to when it runs. */
    public record Running(Instant started, Instant ends) {}

    /**
     * What it comes after.
     *
     * @param task id within the job
     * @param withinMinutes after the end of that at the latest; null for any time
     */
    public record Comes(String task, @MayBeNull Integer withinMinutes) {
        /** At any time after it. */
        public static Comes after(String task) {
            return new Comes(task, null);
        }
    }

    /** Ordinary work, for whoever can do everything that has no name of its own. */
    public static final String GENERAL = "general";

    /** Work of somebody, which comes after nothing yet and of which nobody wishes anything. */
    public static BenchTask work(String id, @MayBeNull Work work, Stop stop, String words, Guess minutes) {
        return new BenchTask(
                id,
                Kind.HANDS,
                work,
                stop,
                words,
                minutes,
                GENERAL,
                "",
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(),
                Wish.NONE);
    }

    /** Something that runs by the clock. */
    public static BenchTask rest(String id, String words, double minutes, String station) {
        return new BenchTask(
                id,
                Kind.WAIT,
                null,
                Stop.CLEAN,
                words,
                Guess.exactly(minutes),
                "",
                station,
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(),
                Wish.NONE);
    }

    /** Something that comes from outside. */
    public static BenchTask arrival(String id, Coming coming) {
        return new BenchTask(
                id,
                Kind.ARRIVAL,
                null,
                Stop.MEND,
                coming.words(),
                Guess.exactly(1),
                "",
                "",
                Optional.of(coming),
                Optional.empty(),
                "",
                List.of(),
                Wish.NONE);
    }

    /** Whether somebody does it. */
    public boolean byHand() {
        return kind == Kind.HANDS;
    }

    /** The same with what somebody wants of it; of one that had another wish, what that made of it stays. */
    public BenchTask wished(Wish wanted) {
        Guess guess = wanted.minutes() == null ? minutes : new Guess(wanted.minutes(), Guess.STATED, minutes.seen());
        return new BenchTask(
                id,
                kind,
                work,
                stop,
                words,
                byHand() ? guess : minutes,
                wanted.skill().isEmpty() ? skill : wanted.skill(),
                station,
                mayStart,
                runs,
                by,
                after,
                wanted);
    }

    /** The same as if nobody wished anything of it; its minutes stay as they are. */
    public BenchTask unwished() {
        return new BenchTask(
                id, kind, work, stop, words, minutes, skill, station, mayStart, runs, by, after, Wish.NONE);
    }

    /** The same after other things too. */
    public BenchTask also(List<Comes> more) {
        List<Comes> all = new ArrayList<>(after);
        more.stream()
                .filter(one -> all.stream().noneMatch(has -> has.task().equals(one.task())))
                .forEach(all::add);
        return new BenchTask(
                id, kind, work, stop, words, minutes, skill, station, mayStart, runs, by, List.copyOf(all), wish);
    }

    /** The same, for who has a skill. */
    BenchTask needing(String other) {
        return new BenchTask(id, kind, work, stop, words, minutes, other, station, mayStart, runs, by, after, wish);
    }

    /** The same, with nobody at it. */
    BenchTask stopped() {
        return new BenchTask(
                id, kind, work, stop, words, minutes, skill, station, mayStart, Optional.empty(), "", after, wish);
    }

    /** The same, going on since a moment. */
    public BenchTask running(Running since, String who) {
        return new BenchTask(
                id, kind, work, stop, words, minutes, skill, station, mayStart, Optional.of(since), who, after, wish);
    }
}
