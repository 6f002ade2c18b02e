package ruvant.core.plan.tasks;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.plan.minutes.Work;
import ruvant.core.trade.Stop;
import ruvant.core.treat.Lubrication;
import ruvant.core.units.Named;

/** What soaks, dries or rests after a piece of work, with what somebody does between one coat and the next. */
final class RestsAfter {
    /** Taking a part out and looking at it. */
    static final Guess TAKE_OUT = new Guess(5, 0.4, 0);

    /** Laying the next coat. */
    private static final Guess NEXT_COAT = new Guess(15, 0.4, 0);

    /** A chain goes no further than this: whoever lists one that runs in a circle still gets a plan. */
    private static final int LONGEST_CHAIN = 6;

    private final Lubrication waits;
    private final Consumer<BenchTask> into;

    /** @param into takes each task of a chain, in their order */
    RestsAfter(Lubrication waits, Consumer<BenchTask> into) {
        this.waits = waits;
        this.into = into;
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
            into.accept(BenchTask.rest(id, at.label(), at.minutes(), at.station())
                    .also(List.of(BenchTask.Comes.after(last))));
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
        BenchTask next = coat
                ? BenchTask.work(id, Work.TREAT, Stop.CLEAN, "Next coat", NEXT_COAT)
                        .needing(skill)
                : BenchTask.work(id, Work.TREAT, Stop.CLEAN, "Take it out: " + kind.label(), TAKE_OUT);
        into.accept(next.also(List.of(new BenchTask.Comes(wait, within))));
        return id;
    }
}
