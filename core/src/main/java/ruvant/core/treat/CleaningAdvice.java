package ruvant.core.treat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ruvant.core.trade.Verdict;
import ruvant.core.units.ById;

/**
 * With what, and how, a soil comes off a part, counting in what is near and still in place: what stands by itself in the
 * tray has nothing near it, what is flushed in the camera runs over all that lies below.
 */
public final class CleaningAdvice {
    private final Materials table;
    private final Materials.Soil soil;
    private final List<String> materials;
    private final List<Near> near;

    private CleaningAdvice(Materials table, Materials.Soil soil, List<String> materials, List<Near> near) {
        this.table = table;
        this.soil = soil;
        this.materials = materials;
        this.near = near;
    }

    /** A part that stands near and is still in place, with what it is made of. */
    public record Near(String part, List<String> materials) {}

    /**
     * One way to do it.
     *
     * @param verdict the worst of part, way and what is near
     * @param reasons why it is not plainly ok
     * @param firstOff parts that stand in the way of it: with them off it would be better
     * @param caution the caution that applies, by id; empty for none
     */
    public record Proposal(
            Materials.Agent agent,
            Materials.Method method,
            Verdict verdict,
            List<String> reasons,
            List<String> firstOff,
            String caution) {}

    /** All ways for a soil, the kindest first and among them those that suit it best. */
    public static List<Proposal> of(Materials table, String soilId, List<String> materials, List<Near> near) {
        return new CleaningAdvice(table, table.soil(soilId), materials, near).proposals();
    }

    private List<Proposal> proposals() {
        List<Proposal> proposals = new ArrayList<>();
        for (String id : soil.methods()) {
            Materials.Method method = ById.find(table.methods(), id).orElseThrow();
            soil.agents().stream()
                    .flatMap(agent -> table.agent(agent).stream())
                    .filter(agent -> !method.onlyWater() || agent.waterBased() && !agent.flammable())
                    .forEach(agent -> proposals.add(proposal(agent, method)));
        }
        // a stable sort keeps the soil's own order among equals
        return proposals.stream()
                .sorted(Comparator.comparingInt((Proposal one) -> Materials.rank(one.verdict()))
                        .thenComparingInt(
                                one -> soil.agents().indexOf(one.agent().id())))
                .toList();
    }

    private Proposal proposal(Materials.Agent agent, Materials.Method method) {
        Materials.Judgement own = table.judge(agent.id(), materials);
        Verdict worst = own.verdict();
        List<String> reasons = new ArrayList<>(own.reasons());
        for (String material : materials) {
            String never = method.never().get(material);
            if (never != null) {
                worst = Verdict.NO;
                reasons.add(table.label(material) + ": no " + method.label() + ", " + never);
            }
        }
        Set<String> firstOff = new LinkedHashSet<>();
        for (Near one : near) {
            for (String material : one.materials()) {
                Verdict there = near(agent, method, material, one, reasons);
                if (there != Verdict.OK) {
                    firstOff.add(one.part());
                    worst = Materials.rank(there) > Materials.rank(worst) ? there : worst;
                }
            }
        }
        return new Proposal(
                agent,
                method,
                worst,
                List.copyOf(reasons),
                List.copyOf(firstOff),
                agent.caution().isEmpty() ? soil.caution() : agent.caution());
    }

    /** What spreads harms as if it were put there; what does not only wants care where a slip would harm. */
    private Verdict near(
            Materials.Agent agent, Materials.Method method, String material, Near neighbour, List<String> reasons) {
        Verdict there = table.judge(agent.id(), List.of(material)).verdict();
        String never = method.never().get(material);
        String where = "near it, “" + neighbour.part() + "” (" + table.label(material) + ")";
        if (method.spreads() && (never != null || there == Verdict.NO)) {
            reasons.add(where + ": " + (never != null ? never : agent.label() + " must not reach it"));
            return Verdict.NO;
        }
        if (there == Verdict.NO || method.spreads() && there == Verdict.CARE) {
            reasons.add(where + ": keep it off");
            return Verdict.CARE;
        }
        return Verdict.OK;
    }
}
