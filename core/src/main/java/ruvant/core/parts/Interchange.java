package ruvant.core.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Whether a part of one kind of camera fits another, by what was tried here. Each try is one count of a Beta distribution that
 * begins with what is usual between such kinds; a chain of tries over a third kind, and a try the other way round, are
 * weaker and said to be so.
 */
public final class Interchange {
    /** What is usual before anything was tried, as counts of fits and misfits. */
    private static final double[] SAME_PATTERN = {9, 1};

    private static final double[] SAME_MODEL = {3, 2};
    private static final double[] OTHER_MODEL = {1, 5};

    /** A try the other way round counts for half of one; so does a chain, times how sure its links are. */
    private static final double INDIRECT = 0.5;

    private final List<Fit> tried;

    public Interchange(List<Fit> tried) {
        this.tried = List.copyOf(tried);
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
     */
    public record Belief(
            double chance, double low, double high, double asIs, int fits, int tries, List<String> indirect) {
        /** As a person says it: "fits 4 of 5 here". */
        public String words() {
            return tries == 0
                    ? indirect.isEmpty() ? "never tried here" : "never tried here, " + String.join("; ", indirect)
                    : "fits " + fits + " of " + tries + " here";
        }
    }

    /** What is believed of a part of one kind in another. */
    public Belief of(String part, Fit.Kind from, Fit.Kind into) {
        double[] counts = usual(from, into).clone();
        int fits = 0;
        int asIs = 0;
        int tries = 0;
        List<String> indirect = new ArrayList<>();
        String name = part.strip().toLowerCase(Locale.ROOT);
        for (Fit fit : tried) {
            boolean fitted = fit.outcome() != Fit.Outcome.NOT;
            if (!fit.part().equals(name)) {
                continue;
            }
            if (fit.from().same(from) && fit.into().same(into)) {
                counts[fitted ? 0 : 1]++;
                fits += fitted ? 1 : 0;
                asIs += fit.outcome() == Fit.Outcome.AS_IS ? 1 : 0;
                tries++;
            } else if (fit.from().same(into) && fit.into().same(from)) {
                counts[fitted ? 0 : 1] += INDIRECT;
                indirect.add("the other way round it " + (fitted ? "fitted" : "did not fit"));
            }
        }
        for (Fit.Kind between : betweens(name, from, into)) {
            double first = direct(name, from, between);
            double second = direct(name, between, into);
            counts[0] += INDIRECT * first * second;
            counts[1] += INDIRECT * (1 - first * second);
            indirect.add("by way of " + between.words());
        }
        org.hipparchus.distribution.continuous.BetaDistribution beta =
                new org.hipparchus.distribution.continuous.BetaDistribution(counts[0], counts[1]);
        return new Belief(
                counts[0] / (counts[0] + counts[1]),
                beta.inverseCumulativeProbability(0.05),
                beta.inverseCumulativeProbability(0.95),
                fits == 0 ? 1 : (double) asIs / fits,
                fits,
                tries,
                indirect);
    }

    private static double[] usual(Fit.Kind from, Fit.Kind into) {
        return from.same(into) ? SAME_PATTERN : from.sameModel(into) ? SAME_MODEL : OTHER_MODEL;
    }

    /** Kinds over which a chain of direct tries leads, each once. */
    private List<Fit.Kind> betweens(String part, Fit.Kind from, Fit.Kind into) {
        List<Fit.Kind> betweens = new ArrayList<>();
        for (Fit first : tried) {
            boolean begins = first.part().equals(part)
                    && first.from().same(from)
                    && !first.into().same(into)
                    && !first.into().same(from);
            boolean leads = begins
                    && tried.stream()
                            .anyMatch(second -> second.part().equals(part)
                                    && second.from().same(first.into())
                                    && second.into().same(into));
            if (leads && betweens.stream().noneMatch(one -> one.same(first.into()))) {
                betweens.add(first.into());
            }
        }
        return betweens;
    }

    /** Mean chance of a link by its direct tries alone. */
    private double direct(String part, Fit.Kind from, Fit.Kind into) {
        double[] counts = usual(from, into).clone();
        for (Fit fit : tried) {
            if (fit.part().equals(part) && fit.from().same(from) && fit.into().same(into)) {
                counts[fit.outcome() == Fit.Outcome.NOT ? 1 : 0]++;
            }
        }
        return counts[0] / (counts[0] + counts[1]);
    }
}
