package ruvant.core.plan.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.plan.Effort;
import ruvant.core.plan.Solver;
import ruvant.core.plan.Timetable;

/** Makes the plan of a shop: one is there at once, and it gets better while it is improved. */
public final class PlanMaking {
    private final PlanAsk ask;
    private final CaseOfShop shop;
    private final Solver solver;

    /** Makes a first plan. */
    public PlanMaking(PlanAsk ask, long seed) {
        this.ask = ask;
        this.shop = new CaseOfShop(ask);
        this.solver = new Solver(shop.made(), seed);
    }

    /** Improves it. */
    public void improve(Effort effort) {
        solver.improve(effort);
    }

    /** The best plan so far. */
    public ShopPlan plan() {
        Timetable best = solver.plan();
        List<NotPlanned> left = new ArrayList<>(shop.left());
        List<Planned> placed = shop.placed(best.placed(), left);
        Map<String, List<ShopPlan.WorkWindow>> windows = new HashMap<>();
        shop.windows()
                .forEach((person, spans) -> windows.put(
                        person,
                        spans.stream()
                                .map(one -> new ShopPlan.WorkWindow(
                                        shop.time().at(one.start()), shop.time().at(one.end())))
                                .toList()));
        return new ShopPlan(ask.now(), ask.zone(), ask.jobs(), placed, left, Map.copyOf(windows));
    }

    /** What it costs in weighted minutes of lateness, with what changes cost. */
    public long lateness() {
        return solver.plan().lateness();
    }
}
