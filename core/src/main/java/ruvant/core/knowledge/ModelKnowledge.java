package ruvant.core.knowledge;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.adjust.Adjusting;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.find.FindPicture;
import ruvant.core.house.ModelTruth;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.Procedure;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.Taught;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Fastener;
import ruvant.core.treat.OilSheet;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * What the jobs of one model taught.
 *
 * @param jobs how many there were
 * @param parts what came off in any of them, that which came off most often first
 * @param causes confirmed causes with their counts, the commonest first
 * @param batteries cells that were found in them, with their counts, the commonest first
 * @param leaveAlone what is better left alone, the most often said first
 * @param ofTheModel what was said to be true of every such camera, the most often said first
 * @param adjusters what was turned on them, and how it answered
 * @param looks how long looks took on them
 * @param falseLeads suspects that were followed in vain, the commonest first
 * @param oilPoints points that were oiled, or left dry on purpose, on them, the commonest first
 * @param orderInDoubt pairs of parts about whose order jobs contradict each other
 * @param order what they showed and said about which part lies over which
 * @param madeOf what parts are made of, by the key of their names, where somebody said so
 * @param procedures steps that must follow one another, as they were last written down
 */
public record ModelKnowledge(
        int jobs,
        List<KnownPart> parts,
        List<Tally> causes,
        List<Tally> batteries,
        List<Tally> leaveAlone,
        List<Tally> ofTheModel,
        List<LearnedResponses.MetAdjuster> adjusters,
        List<LookMet> looks,
        List<Tally> falseLeads,
        List<OilSheet.KnownPoint> oilPoints,
        List<OrderMet.Evidence> orderInDoubt,
        OrderMet order,
        Map<String, List<String>> madeOf,
        List<Procedure> procedures) {
    /** Of a family, only parts count that at least one job in so many met: each model has its own small ones. */
    private static final int USUAL = 4;

    /** How many screws hold a part is believed of so many cameras: one may itself have been short. */
    private static final int SURE_OF_COUNT = 2;

    /** Something that was said of several jobs, and of how many. */
    public record Tally(Named what, int jobs) {}

    /**
     * A look as jobs took it.
     *
     * @param look its fixed name
     * @param times in how many of them its minutes are known
     * @param minutes middle of them
     */
    public record LookMet(String look, String words, int times, double minutes) {}

    /** Learns from jobs of one model. */
    public static ModelKnowledge of(List<JobPicture> jobs) {
        PartsMet met = new PartsMet();
        jobs.forEach(job -> met.take(job.valley(), Worked.on(job), job.sitting()));
        return new ModelKnowledge(
                jobs.size(),
                met.known(),
                counted(jobs, job -> job.find().causes().stream().map(FindPicture.Said::what)),
                counted(jobs, job -> job.intake().battery().stream().map(found -> Named.of(found.cell()))),
                counted(
                        jobs,
                        job -> job.notes().leaveAlone().stream()
                                .map(alone ->
                                        Named.of(alone.what() + (alone.why().isEmpty() ? "" : ": " + alone.why())))),
                counted(jobs, job -> job.sitting().ofTheModel().stream().map(one -> Named.of(words(one.what())))),
                LearnedResponses.together(jobs.stream()
                        .flatMap(job ->
                                Adjusting.taughtBy(job.adjust().ofTheCamera(), job.received(), job.practice()).stream())
                        .toList()),
                LooksMet.in(jobs),
                counted(jobs, job -> job.find().falseLeads().stream()),
                OilMet.in(jobs),
                met.order().contradictions(),
                met.order(),
                madeOf(jobs),
                procedures(jobs));
    }

    private static String words(SittingEntry.ModelSaid said) {
        return (said.about().isEmpty() ? "" : said.about() + ": ")
                + said.says()
                + (said.known().isEmpty() ? "" : " (" + said.known() + ")")
                + (said.sure() ? "" : " (not certain)");
    }

    /** Procedures as they were last written down. */
    private static List<Procedure> procedures(List<JobPicture> jobs) {
        Map<Named, Procedure> kept = new LinkedHashMap<>();
        jobs.forEach(job -> job.refitting().kept().forEach(one -> kept.put(one.name(), one)));
        return List.copyOf(kept.values());
    }

    private static Map<String, List<String>> madeOf(List<JobPicture> jobs) {
        Map<String, List<String>> said = new LinkedHashMap<>();
        jobs.forEach(job -> job.treat().madeOf().forEach((part, of) -> said.putIfAbsent(part.key(), of)));
        return said;
    }

    /** The same with what was said of the model without a job; of a part it goes before what jobs noted there. */
    public ModelKnowledge with(List<ModelTruth> truths) {
        if (truths.isEmpty()) {
            return this;
        }
        List<Tally> said = Stream.concat(
                        truths.stream().map(one -> new Tally(new Named(one.id(), one.words()), 0)), ofTheModel.stream())
                .toList();
        List<KnownPart> told = parts.stream()
                .map(part -> part.told(truths.stream()
                        .filter(one -> !one.about().isEmpty()
                                && PartName.of(one.about()).equals(PartName.of(part.name())))
                        .map(one -> one.says() + (one.sure() ? "" : " (not certain)"))
                        .toList()))
                .toList();
        return new ModelKnowledge(
                jobs,
                told,
                causes,
                batteries,
                leaveAlone,
                said,
                adjusters,
                looks,
                falseLeads,
                oilPoints,
                orderInDoubt,
                order,
                madeOf,
                procedures);
    }

    /** Learns from jobs of other models of one family: which parts there are and what to beware of, no measures. */
    public static ModelKnowledge ofFamily(List<JobPicture> jobs) {
        ModelKnowledge all = of(jobs);
        return new ModelKnowledge(
                all.jobs,
                all.parts.stream()
                        .filter(part -> part.jobs() * USUAL >= all.jobs)
                        .map(KnownPart::ofTheFamily)
                        .toList(),
                all.causes,
                List.of(),
                List.of(),
                List.of(),
                all.adjusters,
                all.looks,
                all.falseLeads,
                List.of(),
                List.of(),
                new OrderMet(),
                Map.of(),
                List.of());
    }

    private static List<Tally> counted(List<JobPicture> jobs, Function<JobPicture, Stream<Named>> said) {
        Map<Named, Integer> counts = new LinkedHashMap<>();
        jobs.forEach(job -> said.apply(job).distinct().forEach(what -> counts.merge(what, 1, Integer::sum)));
        return counts.entrySet().stream()
                .map(one -> new Tally(one.getKey(), one.getValue()))
                .sorted(Comparator.comparingInt(Tally::jobs)
                        .reversed()
                        .thenComparing(tally -> tally.what().words()))
                .toList();
    }

    /** A part by its name. */
    public Optional<KnownPart> part(String name) {
        String key = PartName.of(name).key();
        return parts.stream()
                .filter(part -> PartName.of(part.name()).key().equals(key))
                .findFirst();
    }

    /**
     * The way to a part: all that lies over it, directly or not, outermost first. Edges that half of the jobs agree on
     * could close a circle between jobs that went different ways; the part met in more jobs then goes first.
     */
    public Optional<WayIn> wayTo(String target) {
        return part(target).map(goal -> {
            Set<String> steps = new LinkedHashSet<>();
            reach(goal, steps, new HashSet<>());
            List<KnownPart> known =
                    steps.stream().map(name -> part(name).orElseThrow()).toList();
            Duration there = known.stream().map(one -> one.takes().off()).reduce(Duration.ZERO, Duration::plus);
            Duration back = known.stream().map(one -> one.takes().back()).reduce(Duration.ZERO, Duration::plus);
            return new WayIn(
                    goal.name(),
                    known.stream()
                            .map(step -> new WayIn.OnTheWay(
                                    step.name(), step.wantsCare(), step.takes().off()))
                            .toList(),
                    there,
                    back,
                    goal.jobs(),
                    goal.lies().others());
        });
    }

    private void reach(KnownPart part, Set<String> steps, Set<String> onTheWay) {
        if (!onTheWay.add(part.name())) {
            return;
        }
        part.lies().over().stream()
                .map(this::part)
                .flatMap(Optional::stream)
                .sorted(Comparator.comparingInt(KnownPart::jobs).reversed())
                .forEach(over -> reach(over, steps, onTheWay));
        steps.add(part.name());
    }

    /**
     * What usually comes off next in a job, most usual first: parts that it has not had off yet, over which nothing known
     * is still on.
     */
    public List<KnownPart> next(Valley valley) {
        Set<String> off = keys(valley.out());
        Set<String> met = keys(valley.parts());
        return parts.stream()
                .filter(part -> !met.contains(PartName.of(part.name()).key()))
                .filter(part -> part.lies().over().stream()
                        .map(over -> PartName.of(over).key())
                        .allMatch(off::contains))
                .sorted(Comparator.comparingInt(KnownPart::jobs).reversed())
                .toList();
    }

    /** Every part, seen from a job at hand. */
    public List<Met> seenFrom(Valley valley) {
        Set<String> met = keys(valley.parts());
        return parts.stream()
                .map(part -> new Met(
                        part,
                        part.wantsCare(),
                        part.lies().over().stream()
                                .filter(over -> !met.contains(PartName.of(over).key()))
                                .toList()))
                .toList();
    }

    private static Set<String> keys(List<ValleyPart> parts) {
        return parts.stream().map(part -> part.name().key()).collect(Collectors.toSet());
    }

    /** What was looked at before each part went on. */
    public LearnedChecks checks() {
        return new LearnedChecks() {
            @Override
            public Taught order() {
                return order;
            }

            @Override
            public List<AskedCheck> at(PartName name) {
                return part(name.text()).map(KnownPart::checks).orElse(List.of());
            }

            @Override
            public List<Procedure> procedures() {
                return procedures;
            }

            @Override
            public OptionalInt usualCount(PartName name, String piece) {
                return part(name.text()).filter(known -> known.jobs() >= SURE_OF_COUNT).stream()
                        .flatMap(known -> known.held().fasteners().stream())
                        .filter(fastener -> fastener.type().equals(piece))
                        .mapToInt(Fastener::count)
                        .findFirst();
            }

            @Override
            public List<String> slips(PartName name) {
                return part(name.text()).map(one -> one.beware().slips()).orElse(List.of());
            }

            @Override
            public boolean leftDry(PartName name) {
                List<OilSheet.KnownPoint> known = oilPoints.stream()
                        .filter(one -> one.part().equals(name))
                        .toList();
                return !known.isEmpty() && known.stream().allMatch(OilSheet.KnownPoint::mostlyDry);
            }

            @Override
            public List<Named> oilPoints(PartName name) {
                return oilPoints.stream()
                        .filter(one -> one.part().equals(name) && one.jobs() > 1 && 2 * one.jobs() > jobs)
                        .filter(one -> !one.mostlyDry())
                        .map(OilSheet.KnownPoint::point)
                        .toList();
            }
        };
    }

    /** All ways in, to the parts that lie deepest first. */
    public List<WayIn> ways() {
        List<WayIn> ways = new ArrayList<>();
        parts.forEach(part -> wayTo(part.name()).ifPresent(ways::add));
        return ways.stream()
                .filter(way -> way.steps().size() > 1)
                .sorted(Comparator.comparingInt((WayIn way) -> way.steps().size())
                        .reversed())
                .collect(Collectors.toList());
    }
}
