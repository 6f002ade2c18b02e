package ruvant.core.treat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruvant.core.trade.Verdict;
import ruvant.core.units.ById;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Refusal;

/**
 * What each agent does to each material.
 *
 * @param version of the data
 * @param materials what parts are made of
 * @param agents what they may be cleaned with
 * @param soils what is to come off, with the agents and ways that suit it, best first
 * @param methods ways to bring an agent to a part
 * @param cautions what is said once a day before hands begin
 */
public record Materials(
        int version,
        List<Material> materials,
        List<Agent> agents,
        List<Soil> soils,
        List<Method> methods,
        List<Caution> cautions) {
    /** A table in which nothing stands. */
    public static final Materials EMPTY = new Materials(1, List.of(), List.of());

    public Materials {
        materials = List.copyOf(materials);
        agents = List.copyOf(agents);
        soils = soils == null ? List.of() : List.copyOf(soils);
        methods = methods == null ? List.of() : List.copyOf(methods);
        cautions = cautions == null ? List.of() : List.copyOf(cautions);
    }

    /** A table without soils, ways and cautions. */
    public Materials(int version, List<Material> materials, List<Agent> agents) {
        this(version, materials, agents, List.of(), List.of(), List.of());
    }

    /** What is to come off; agents and methods by id, best first; {@code optics} where it is on glass, so that passes are counted; {@code caution} by id, empty for none. */
    public record Soil(
            String id,
            String label,
            List<String> agents,
            List<String> methods,
            String note,
            boolean optics,
            String caution)
            implements Identified, Labelled {
        public Soil {
            caution = caution == null ? "" : caution;
        }
    }

    /**
     * A way to bring an agent to a part.
     *
     * @param spreads whether the agent reaches what is near
     * @param onlyWater whether nothing but water-based agents may be used so
     * @param never materials on or near which it must not be used, with the reason
     */
    public record Method(
            String id, String label, boolean spreads, String how, boolean onlyWater, Map<String, String> never)
            implements Identified, Labelled {}

    /** What is said before hands begin. */
    public record Caution(String id, String label, String words) {}

    /** A material; {@code words} are words in a part's name that point to it. */
    public record Material(String id, String label, List<String> words) implements Identified, Labelled {}

    /**
     * An agent.
     *
     * @param flashOffMinutes usual wait after use, 0 for none
     * @param flammable whether its vapour burns
     * @param waterBased whether it may go into an open tank
     * @param caution what is said before it is used, by id; empty for nothing
     * @param verdicts by material id; a material that is missing is not listed
     */
    public record Agent(
            String id,
            String label,
            String use,
            int flashOffMinutes,
            boolean flammable,
            boolean waterBased,
            String caution,
            Map<String, VerdictWhy> verdicts)
            implements Identified, Labelled {
        public Agent {
            caution = caution == null ? "" : caution;
        }

        /** One that is not water-based and wants no caution. */
        public Agent(
                String id,
                String label,
                String use,
                int flashOffMinutes,
                boolean flammable,
                Map<String, VerdictWhy> verdicts) {
            this(id, label, use, flashOffMinutes, flammable, false, "", verdicts);
        }

        Agent reasoned(String words) {
            Map<String, VerdictWhy> all = new LinkedHashMap<>();
            verdicts.forEach((material, said) ->
                    all.put(material, said.wantsReason() ? new VerdictWhy(said.verdict(), words) : said));
            return new Agent(id, label, use, flashOffMinutes, flammable, waterBased, caution, all);
        }
    }

    /** A verdict and its reason; the reason may be empty where it is all right or not listed. */
    public record VerdictWhy(Verdict verdict, String reason) {
        boolean wantsReason() {
            return (verdict == Verdict.CARE || verdict == Verdict.NO) && (reason == null || reason.isBlank());
        }
    }

    /**
     * What the table says of an agent on a part.
     *
     * @param verdict the worst over the materials
     * @param reasons one for each material that is not plainly "ok"
     */
    public record Judgement(Agent agent, Verdict verdict, List<String> reasons) {}

    /**
     * Judges one agent on a part and its neighbours.
     *
     * @throws FieldProblem if the agent or a material is not in the table
     */
    public Judgement judge(String agentId, List<String> materialIds) {
        Agent agent = agent(agentId)
                .orElseThrow(() -> new FieldProblem(
                        "agent", "“" + agentId + "” is not in the materials table.", "Choose one that is listed."));
        Verdict worst = materialIds.isEmpty() ? Verdict.NOT_LISTED : Verdict.OK;
        List<String> reasons = new ArrayList<>();
        for (String id : materialIds) {
            Material material = material(id);
            VerdictWhy finding = agent.verdicts().getOrDefault(id, new VerdictWhy(Verdict.NOT_LISTED, ""));
            if (rank(finding.verdict()) > rank(worst)) {
                worst = finding.verdict();
            }
            if (finding.verdict() != Verdict.OK) {
                String why = finding.reason() == null || finding.reason().isEmpty() ? "" : ", " + finding.reason();
                reasons.add(material.label() + ": " + finding.verdict().label() + why);
            }
        }
        return new Judgement(agent, worst, reasons);
    }

    /** Every agent judged, the kindest first. */
    public List<Judgement> judgeAll(List<String> materialIds) {
        return agents.stream()
                .map(agent -> judge(agent.id(), materialIds))
                .sorted(Comparator.comparingInt(judgement -> rank(judgement.verdict())))
                .toList();
    }

    /** The agent of this id, or of a label that starts like this. */
    public Optional<Agent> agent(String idOrName) {
        String wanted = idOrName.toLowerCase(Locale.ROOT);
        return ById.find(agents, idOrName)
                .or(() -> agents.stream()
                        .filter(agent -> agent.label().toLowerCase(Locale.ROOT).startsWith(wanted))
                        .findFirst());
    }

    /** Materials that a part's name points to; bare metal where it points to none. */
    public List<String> guess(String partName) {
        String name = " " + partName.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ") + " ";
        List<String> ids = materials.stream()
                .filter(material -> material.words().stream().anyMatch(word -> name.contains(" " + word)))
                .map(Material::id)
                .toList();
        return ids.isEmpty() ? List.of(materials.getFirst().id()) : ids;
    }

    /** Why a cleaning cannot be taken: its verdict is not the table's, or a "no" has no reason. */
    public Optional<Refusal> objection(TreatEntry.Cleaned cleaned) {
        Judgement judgement = judge(cleaned.agent().id(), cleaned.materials());
        String said = "%s on “%s”: %s"
                .formatted(
                        judgement.agent().label(),
                        cleaned.part(),
                        judgement.verdict().label());
        if (cleaned.verdict() != judgement.verdict()) {
            return Optional.of(new Refusal(
                    "verdictChanged",
                    said + " in the materials table, not " + cleaned.verdict().label() + ".",
                    "Check the verdict again before you log it."));
        }
        if (judgement.verdict() == Verdict.NO && cleaned.reason().isEmpty()) {
            return Optional.of(new Refusal(
                    "agentHarms",
                    said + ". " + String.join("; ", judgement.reasons()) + ".",
                    "Choose another agent, or say why it is right here."));
        }
        return cleaned.reason().isEmpty() ? wayHarms(cleaned) : Optional.empty();
    }

    private Optional<Refusal> wayHarms(TreatEntry.Cleaned cleaned) {
        if (cleaned.method().isEmpty()) {
            return Optional.empty();
        }
        Method way = ById.find(methods, cleaned.method())
                .orElseThrow(() -> new FieldProblem(
                        "method",
                        "“" + cleaned.method() + "” is not a method in the table.",
                        "Choose one that is listed."));
        List<String> harmed = cleaned.materials().stream()
                .filter(way.never()::containsKey)
                .map(id -> label(id) + ": " + way.never().get(id))
                .toList();
        return harmed.isEmpty()
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "wayHarms",
                        "No " + way.label() + " on “" + cleaned.part() + "”. " + String.join("; ", harmed) + ".",
                        "Choose another method, or say why it is right here."));
    }

    /** What is to come off, by its id. */
    public Soil soil(String id) {
        return ById.find(soils, id)
                .orElseThrow(() -> new FieldProblem(
                        "soil", "“" + id + "” is not in the list of what to remove.", "Choose one that is listed."));
    }

    /** Soils on glass, by id. */
    public java.util.Set<String> opticsSoils() {
        return soils.stream().filter(Soil::optics).map(Soil::id).collect(java.util.stream.Collectors.toSet());
    }

    /** The words for a material; its id where it has none. */
    public String label(String materialId) {
        return ById.find(materials, materialId).map(Material::label).orElse(materialId);
    }

    private Material material(String id) {
        return ById.find(materials, id)
                .orElseThrow(() -> new FieldProblem(
                        "materials", "“" + id + "” is not a material in the table.", "Choose one that is listed."));
    }

    static int rank(Verdict verdict) {
        return switch (verdict) {
            case OK -> 0;
            case CARE -> 1;
            case NOT_LISTED -> 2;
            case NO -> 3;
        };
    }
}
