package ruvant.core.plan.tasks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.Work;
import ruvant.core.trade.Stop;
import ruvant.core.treat.Lubrication;
import ruvant.core.units.Named;
import ruvant.core.wish.Wish;

/** What soaks, dries or rests after a piece of work, with what somebody does between one coat and the next. */
final class RestsAfter {
    /** Taking a part out and looking at it. */
    private static final Guess TAKE_OUT = new Guess(5, 0.4, 0);

    /** Laying the next coat. */
    private static final Guess NEXT_COAT = new Guess(15, 0.4, 0);

    /** A chain goes no further than this: whoever lists one that runs in a circle still gets a plan. */
    private static final int LONGEST_CHAIN = 6;

    private final Lubrication waits;
    private final List<BenchTask> tasks = new ArrayList<>();

    RestsAfter(Lubrication waits) {
        this.waits = waits;
    }

    /**
     * A wait of some kind and all that follows it in its chain.
     *
     * @param from id of the task after which it begins
     * @param skill of who lays the next coat
     * @return id of the last of them
     */
    String chain(String from, Lubrication.WaitKind kind, String skill) {
        String last = from;
        Lubrication.WaitKind at = kind;
        for (int count = 1; at != null && count <= LONGEST_CHAIN; count++) {
            String id = from + "/rest-" + count;
            tasks.add(task(
                    id,
                    BenchTask.Kind.WAIT,
                    null,
                    at.label(),
                    Guess.exactly(at.minutes()),
                    "",
                    at.station(),
                    List.of(BenchTask.Comes.after(last))));
            Optional<Lubrication.WaitKind> then = waits.after(new Named(at.id(), at.label()));
            last = follow(id, at, then, skill);
            at = then.orElse(null);
        }
        return last;
    }

    /** What somebody does once a wait is over: the next coat where another follows, else taking it out where it lies in a station. */
    private String follow(String wait, Lubrication.WaitKind kind, Optional<Lubrication.WaitKind> then, String skill) {
        Integer within = kind.latestMinutes() == 0 ? null : Math.max(0, kind.latestMinutes() - kind.minutes());
        boolean coat = then.isPresent() && within != null;
        if (!coat && kind.station().isEmpty()) {
            return wait;
        }
        String id = wait + "/out";
        tasks.add(task(
                id,
                BenchTask.Kind.HANDS,
                Work.TREAT,
                coat ? "Next coat" : "Take it out: " + kind.label(),
                coat ? NEXT_COAT : TAKE_OUT,
                coat ? skill : BenchTask.GENERAL,
                "",
                List.of(new BenchTask.Comes(wait, within))));
        return id;
    }

    private static BenchTask task(
            String id,
            BenchTask.Kind kind,
            Work work,
            String words,
            Guess minutes,
            String skill,
            String station,
            List<BenchTask.Comes> after) {
        return new BenchTask(
                id,
                kind,
                work,
                Stop.CLEAN,
                words,
                minutes,
                skill,
                station,
                Optional.empty(),
                Optional.empty(),
                "",
                after,
                Wish.NONE);
    }

    /** All of it so far. */
    List<BenchTask> tasks() {
        return tasks;
    }
}
