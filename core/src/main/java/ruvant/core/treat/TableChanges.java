package ruvant.core.treat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.log.ShopChanges;
import ruvant.core.trade.Verdict;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Phrase;

/**
 * What a shop changed in the tables of agents, materials, soils and waits: entries in place of others by their id, or more
 * of them. The tables that ship stay as they are, so that a shop sees where it differs.
 */
public record TableChanges(
        List<Materials.Material> materials,
        List<Materials.Agent> agents,
        List<Materials.Soil> soils,
        List<Lubrication.WaitKind> waits)
        implements ShopChanges<TableChanges> {
    /** Nothing changed. */
    public static final TableChanges NONE = new TableChanges(List.of(), List.of(), List.of(), List.of());

    private static final int LONGEST_MINUTES = 43_200;

    public TableChanges {
        materials = Check.some("materials", materials, 200);
        agents = Check.some("agents", agents, 200);
        soils = Check.some("soils", soils, 200);
        waits = Check.some("waits", waits, 200);
        materials.forEach(one -> named("material", one));
        agents.forEach(one -> {
            named("agent", one);
            Check.count("flashOffMinutes", one.flashOffMinutes(), 0, LONGEST_MINUTES);
        });
        soils.forEach(one -> named("soil", one));
        waits.forEach(one -> {
            named("wait", one);
            Check.count("minutes", one.minutes(), 1, LONGEST_MINUTES);
            if (one.latestMinutes() > 0 && one.latestMinutes() <= one.minutes()) {
                throw new FieldProblem(
                        "latestMinutes",
                        "“" + one.label() + "” would be too late before it has finished.",
                        "Enter more minutes than " + one.minutes() + ", or none.");
            }
        });
    }

    private static <T extends Identified & Labelled> void named(String field, T one) {
        Check.name(field, one.id());
        Check.name(field, one.label());
    }

    /** A verdict that differs from the table that ships. */
    public record Difference(String agent, String material, Verdict shipped, Verdict here) {}

    /** A verdict of care or no that says no reason, in words; empty where all do. */
    Optional<String> unreasoned() {
        return agents.stream()
                .flatMap(agent -> agent.verdicts().entrySet().stream()
                        .filter(one -> one.getValue().wantsReason())
                        .map(one -> agent.label() + " on " + Phrase.readable(one.getKey()) + ": "
                                + one.getValue().verdict().label()))
                .findFirst();
    }

    /** The same, with these words where care or no was said without a reason. */
    public TableChanges reasoned(String words) {
        return new TableChanges(
                materials, agents.stream().map(one -> one.reasoned(words)).toList(), soils, waits);
    }

    @Override
    public TableChanges plus(TableChanges more) {
        return new TableChanges(
                ById.merged(materials, more.materials),
                ById.merged(agents, more.agents),
                ById.merged(soils, more.soils),
                ById.merged(waits, more.waits));
    }

    /**
     * The same without what was changed of one entry. Where that was an entry of one's own, nothing speaks of it any more
     * either; an entry that is as it shipped again is none that was changed.
     */
    public TableChanges without(String id, Materials shipped) {
        boolean ownAgent = ById.find(shipped.agents(), id).isEmpty();
        boolean ownMaterial = ById.find(shipped.materials(), id).isEmpty();
        return new TableChanges(
                ById.without(materials, id),
                ById.without(agents, id).stream()
                        .map(one -> ownMaterial ? withoutMaterial(one, id) : one)
                        .filter(one -> !shipped.agents().contains(one))
                        .toList(),
                ById.without(soils, id).stream()
                        .map(one -> ownAgent ? withoutAgent(one, id) : one)
                        .filter(one -> !shipped.soils().contains(one))
                        .toList(),
                ById.without(waits, id));
    }

    private static Materials.Agent withoutMaterial(Materials.Agent agent, String material) {
        Map<String, Materials.VerdictWhy> verdicts = new LinkedHashMap<>(agent.verdicts());
        verdicts.remove(material);
        return new Materials.Agent(
                agent.id(),
                agent.label(),
                agent.use(),
                agent.flashOffMinutes(),
                agent.flammable(),
                agent.waterBased(),
                agent.caution(),
                verdicts);
    }

    private static Materials.Soil withoutAgent(Materials.Soil soil, String agent) {
        return new Materials.Soil(
                soil.id(),
                soil.label(),
                soil.agents().stream().filter(one -> !one.equals(agent)).toList(),
                soil.methods(),
                soil.note(),
                soil.optics(),
                soil.caution());
    }

    @Override
    public List<String> labels() {
        return Labelled.all(materials, agents, soils, waits);
    }

    @Override
    public List<String> ids() {
        return ById.ids(materials, agents, soils, waits);
    }

    /**
     * The table with these changes.
     *
     * @throws FieldProblem where an entry would speak of one that is not there
     */
    public Materials in(Materials shipped) {
        Materials changed = new Materials(
                shipped.version(),
                ById.merged(shipped.materials(), materials),
                ById.merged(shipped.agents(), agents),
                ById.merged(shipped.soils(), soils),
                shipped.methods(),
                shipped.cautions());
        List<String> known = ById.ids(changed.materials());
        changed.agents()
                .forEach(
                        agent -> agent.verdicts().keySet().forEach(id -> there("materials", id, known, agent.label())));
        List<String> agentIds = ById.ids(changed.agents());
        changed.soils().forEach(soil -> soil.agents().forEach(id -> there("agents", id, agentIds, soil.label())));
        return changed;
    }

    /** The waits with these changes. */
    public Lubrication in(Lubrication shipped) {
        return new Lubrication(
                shipped.version(),
                shipped.points(),
                shipped.lubricants(),
                ById.merged(shipped.waits(), waits),
                shipped.families(),
                shipped.elsewhere(),
                shipped.oneThing());
    }

    /** Every verdict in which this shop differs from the table that ships. */
    public List<Difference> differences(Materials shipped) {
        Materials here = in(shipped);
        List<Difference> differences = new ArrayList<>();
        for (Materials.Agent agent : here.agents()) {
            Map<String, Materials.VerdictWhy> before = ById.find(shipped.agents(), agent.id())
                    .map(Materials.Agent::verdicts)
                    .orElse(Map.of());
            for (Materials.Material material : here.materials()) {
                Verdict was = verdict(before, material.id());
                Verdict is = verdict(agent.verdicts(), material.id());
                if (was != is) {
                    differences.add(new Difference(agent.id(), material.id(), was, is));
                }
            }
        }
        return differences;
    }

    private static Verdict verdict(Map<String, Materials.VerdictWhy> verdicts, String material) {
        return verdicts.containsKey(material) ? verdicts.get(material).verdict() : Verdict.NOT_LISTED;
    }

    private static void there(String field, String id, List<String> known, String where) {
        if (!known.contains(id)) {
            throw new FieldProblem(
                    field, "“" + where + "” speaks of “" + id + "”, which is in no table.", "Add that first.");
        }
    }
}
