package ruvant.core.parts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.BetaDistribution;
import ruvant.core.shelf.StatedFit;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;

/**
 * Whether a part of one kind of camera fits another, by what was tried here. Each try is one count of a Beta distribution that
 * begins with what somebody stated of such kinds, else with what is usual between them; a chain of tries over a third kind,
 * and a try the other way round, are weaker and said to be so.
 */
public final class Interchange {
    /** What is usual before anything was tried, as counts of fits and misfits. */
    private static final double[] SAME_PATTERN = {9, 1};

    private static final double[] SAME_MODEL = {3, 2};
    private static final double[] OTHER_MODEL = {1, 5};

    /** A try the other way round counts for half of one; so does a chain, times how sure its links are. */
    private static final double INDIRECT = 0.5;

    /** The interval shown holds nine of ten. */
    private static final double LOW = 0.05;

    /** Its upper end. */
    private static final double HIGH = 0.95;

    private final Map<String, List<Fit>> tried;
    private final List<StatedFit> stated;
    /** What was worked out, by part and then by the two kinds, whose numbers alone would hash alike. */
    private final Map<String, Map<Between, Counts>> known = new ConcurrentHashMap<>();

    /** One object for each kind however it is written, so that kinds are told apart without reading their names again. */
    private final Map<CameraKind, CameraKind> kinds = new ConcurrentHashMap<>();

    private final Map<List<String>, CameraKind> byName = new ConcurrentHashMap<>();

    /** @param stated what is said to interchange before it was tried; the closest statement counts */
    public Interchange(List<Fit> tried, List<StatedFit> stated) {
        this.tried = tried.stream()
                .map(fit -> new Fit(fit.part(), kind(fit.from()), kind(fit.into()), fit.outcome()))
                .collect(Collectors.groupingBy(Fit::part));
        this.stated = List.copyOf(stated);
    }

    /** With nothing but what was tried. */
    public Interchange(List<Fit> tried) {
        this(tried, List.of());
    }

    private CameraKind kind(CameraKind written) {
        CameraKind seen = kinds.get(written);
        if (seen != null) {
            return seen;
        }
        List<String> name = Stream.of(written.maker(), written.model(), written.pattern())
                .map(one -> one.toLowerCase(Locale.ROOT))
                .toList();
        CameraKind first = byName.computeIfAbsent(name, key -> written);
        kinds.put(written, first);
        return first;
    }

    /**
     * What is believed of a fit.
     *
     * @param chance that it fits, as it is or with work; the mean of the Beta distribution, 0 to 1
     * @param low below which the chance lies with 5 %
     * @param high above which it lies with 5 %
     * @param asIs part of the fits that went in without work; 1 where none was tried
     * @param fits direct tries that fitted
     * @param tries all direct tries
     * @param indirect chains and tries the other way round that were counted in
     * @param stated what somebody stated, in words; empty for nothing
     */
    public record Belief(
            double chance,
            double low,
            double high,
            double asIs,
            int fits,
            int tries,
            List<String> indirect,
            String stated) {
        /** As a person says it: "fits in 4 of 5 tries here". */
        public String words() {
            return Interchange.words(fits, tries, indirect, stated);
        }
    }

    private static String words(int fits, int tries, List<String> indirect, String stated) {
        if (tries > 0) {
            return "fits in " + fits + " of " + tries + " tries here";
        }
        List<String> others = new ArrayList<>(indirect);
        if (!stated.isEmpty()) {
            others.add(stated);
        }
        return others.isEmpty() ? "never tried here" : "never tried here, " + String.join("; ", others);
    }

    /** What a statement alone amounts to, before anything was tried. */
    public static Belief of(StatedFit stated) {
        double[] counts = stated.counts();
        BetaDistribution beta = new BetaDistribution(counts[0], counts[1]);
        return new Belief(
                counts[0] / (counts[0] + counts[1]),
                beta.inverseCumulativeProbability(LOW),
                beta.inverseCumulativeProbability(HIGH),
                1,
                0,
                0,
                List.of(),
                said(stated));
    }

    private static String said(StatedFit stated) {
        return "said to fit " + stated.strength().label();
    }

    /** What is believed of a part of one kind in another. */
    public Belief of(String part, CameraKind from, CameraKind into) {
        Counts counts = counts(part, from, into);
        BetaDistribution beta = new BetaDistribution(counts.fitting, counts.failing);
        return new Belief(
                counts.chance(),
                beta.inverseCumulativeProbability(LOW),
                beta.inverseCumulativeProbability(HIGH),
                counts.asIsOfFits(),
                counts.fits,
                counts.tries,
                counts.indirect,
                counts.stated);
    }

    /** The chance alone that it fits, 0 to 1: cheaper where many are asked. */
    public double chance(String part, CameraKind from, CameraKind into) {
        return counts(part, from, into).chance();
    }

    /** A belief without its interval, which takes longest to work out. */
    record Outlook(double chance, double asIs, String words) {}

    Outlook outlook(String part, CameraKind from, CameraKind into) {
        Counts counts = counts(part, from, into);
        return new Outlook(
                counts.chance(), counts.asIsOfFits(), words(counts.fits, counts.tries, counts.indirect, counts.stated));
    }

    private static final class Counts {
        private double fitting;
        private double failing;
        private int fits;
        private int asIs;
        private int tries;
        private final List<String> indirect = new ArrayList<>();
        private String stated = "";

        double chance() {
            return fitting / (fitting + failing);
        }

        double asIsOfFits() {
            return fits == 0 ? 1 : (double) asIs / fits;
        }

        void add(double fitted, double failed) {
            fitting += fitted;
            failing += failed;
        }
    }

    /** Two kinds, told apart as objects. */
    private static final class Between {
        private final CameraKind from;
        private final CameraKind into;

        Between(CameraKind from, CameraKind into) {
            this.from = from;
            this.into = into;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Between that && from == that.from && into == that.into;
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(from) + System.identityHashCode(into);
        }
    }

    /** The same is asked for every place on the shelf and every need there was. */
    private Counts counts(String part, CameraKind from, CameraKind into) {
        return known.computeIfAbsent(part, key -> new ConcurrentHashMap<>())
                .computeIfAbsent(new Between(kind(from), kind(into)), between -> counted(part, between));
    }

    private Counts counted(String part, Between asked) {
        CameraKind from = asked.from;
        CameraKind into = asked.into;
        String name = part.strip().toLowerCase(Locale.ROOT);
        Optional<StatedFit> said = stated(name, from, into);
        double[] before = said.map(StatedFit::counts).orElseGet(() -> usual(from, into));
        Counts counts = new Counts();
        counts.add(before[0], before[1]);
        counts.stated = said.map(Interchange::said).orElse("");
        for (Fit fit : of(name)) {
            boolean fitted = fit.outcome() != FitOutcome.NOT;
            if (fit.from() == from && fit.into() == into) {
                counts.add(fitted ? 1 : 0, fitted ? 0 : 1);
                counts.fits += fitted ? 1 : 0;
                counts.asIs += fit.outcome() == FitOutcome.AS_IS ? 1 : 0;
                counts.tries++;
            } else if (fit.from() == into && fit.into() == from) {
                counts.add(fitted ? INDIRECT : 0, fitted ? 0 : INDIRECT);
                counts.indirect.add("the other way round it " + (fitted ? "fitted" : "did not fit"));
            }
        }
        for (CameraKind between : betweens(name, from, into)) {
            double both = direct(name, from, between) * direct(name, between, into);
            counts.add(INDIRECT * both, INDIRECT * (1 - both));
            counts.indirect.add("by way of " + between.words());
        }
        return counts;
    }

    private List<Fit> of(String part) {
        return tried.getOrDefault(part, List.of());
    }

    /** The statement that is closest: one for the part before one for all, one of the pattern before one of the model. */
    private Optional<StatedFit> stated(String part, CameraKind from, CameraKind into) {
        return stated.stream()
                .filter(one -> one.speaksOf(part, from, into))
                .max(Comparator.comparingInt(StatedFit::closeness));
    }

    private static double[] usual(CameraKind from, CameraKind into) {
        return from.same(into) ? SAME_PATTERN : from.sameModel(into) ? SAME_MODEL : OTHER_MODEL;
    }

    /** Kinds over which a chain of direct tries leads, each once. */
    private List<CameraKind> betweens(String part, CameraKind from, CameraKind into) {
        List<CameraKind> betweens = new ArrayList<>();
        for (Fit first : of(part)) {
            boolean begins = first.from() == from && first.into() != into && first.into() != from;
            boolean leads = begins
                    && of(part).stream().anyMatch(second -> second.from() == first.into() && second.into() == into);
            if (leads && !betweens.contains(first.into())) {
                betweens.add(first.into());
            }
        }
        return betweens;
    }

    /** Mean chance of a link by its direct tries alone. */
    private double direct(String part, CameraKind from, CameraKind into) {
        double[] counts = usual(from, into).clone();
        for (Fit fit : of(part)) {
            if (fit.from() == from && fit.into() == into) {
                counts[fit.outcome() == FitOutcome.NOT ? 1 : 0]++;
            }
        }
        return counts[0] / (counts[0] + counts[1]);
    }
}
