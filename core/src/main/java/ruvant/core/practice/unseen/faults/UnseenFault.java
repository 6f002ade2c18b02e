package ruvant.core.practice.unseen.faults;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * A camera with a hidden fault, one in four with a second one of which half lie in the same mechanism. How strongly its fault is
 * there raises or lowers all that it shows; owners tell much or little; who looks has good eyes or not; what is known of chances
 * and minutes is true only about.
 */
public final class UnseenFault {
    private static final double SECOND = 0.25;
    private static final double NEAR_BY = 0.5;
    private static final double STRAYS = 0.9;

    /**
     * A cause as it is known.
     *
     * @param common how common it is among the others
     * @param shows chance of each symptom, by name
     */
    public record Known(String name, String mechanism, double common, Map<String, Double> shows) {}

    /**
     * A look as it is known.
     *
     * @param finds chance that it shows, by cause
     * @param otherwise chance that it shows without any of these
     */
    public record Look(String name, Map<String, Double> finds, double otherwise) {}

    private final Set<String> faults = new HashSet<>();
    private final Set<String> said = new HashSet<>();
    private final Map<String, Boolean> seen = new HashMap<>();
    private final double pace;
    private final Random minutes;

    /**
     * Makes one.
     *
     * @param otherwise chance of each symptom without any known cause, by name
     * @param seed even for tuning, odd ones are set aside
     */
    public UnseenFault(List<Known> causes, Map<String, Double> otherwise, List<Look> looks, long seed) {
        Random random = new Random(seed * 0x9E3779B97F4A7C15L + 0x5DEECE66DL);
        for (int warm = 0; warm < 8; warm++) {
            random.nextLong();
        }
        // a shop of its own: what is common elsewhere may be rare here
        double[] common = new double[causes.size()];
        for (int i = 0; i < common.length; i++) {
            common[i] = causes.get(i).common() * Math.exp(0.8 * random.nextGaussian());
        }
        List<Known> there = new ArrayList<>();
        Known first = causes.get(drawn(common, random));
        there.add(first);
        if (random.nextDouble() < SECOND) {
            boolean near = random.nextDouble() < NEAR_BY;
            double[] left = common.clone();
            for (int i = 0; i < left.length; i++) {
                Known other = causes.get(i);
                left[i] = other == first || near && !other.mechanism().equals(first.mechanism()) ? 0 : left[i];
            }
            there.add(causes.get(drawn(left, random)));
        }
        Map<String, Double> missed = new TreeMap<>();
        Map<String, Double> strengths = new HashMap<>();
        for (Known fault : there) {
            faults.add(fault.name());
            double strength = 2.4 * random.nextDouble() - 1.2;
            strengths.put(fault.name(), strength);
            new TreeMap<>(fault.shows())
                    .forEach((symptom, chance) ->
                            missed.merge(symptom, 1 - strayed(chance, strength, random), (one, other) -> one * other));
        }
        new TreeMap<>(otherwise)
                .forEach((symptom, chance) ->
                        missed.merge(symptom, 1 - strayed(chance, 0, random), (one, other) -> one * other));
        double told = 0.5 + 0.5 * random.nextDouble();
        String likeliest = "";
        double most = 0;
        for (Map.Entry<String, Double> one : missed.entrySet()) {
            double chance = (1 - one.getValue()) * told;
            if (random.nextDouble() < chance) {
                said.add(one.getKey());
            }
            if (chance > most) {
                most = chance;
                likeliest = one.getKey();
            }
        }
        if (said.isEmpty()) {
            said.add(likeliest);
        }
        double eyes = 1.6 * random.nextDouble() - 0.8;
        for (Look look : looks) {
            double notSeen = 1 - strayed(look.otherwise(), 0, random);
            for (Known fault : there) {
                Double chance = look.finds().get(fault.name());
                notSeen *= chance == null ? 1 : 1 - strayed(chance, eyes + strengths.get(fault.name()) / 2, random);
            }
            seen.put(look.name(), random.nextDouble() > notSeen);
        }
        pace = Math.exp(0.3 * random.nextGaussian());
        minutes = new Random(random.nextLong());
    }

    private static int drawn(double[] weights, Random random) {
        double all = 0;
        for (double weight : weights) {
            all += weight;
        }
        double at = random.nextDouble() * all;
        int i = 0;
        while (i < weights.length - 1 && at >= weights[i]) {
            at -= weights[i++];
        }
        return i;
    }

    private static double strayed(double chance, double strength, Random random) {
        double odds = Math.log(chance / (1 - chance)) + strength + STRAYS * random.nextGaussian();
        return 1 / (1 + Math.exp(-odds));
    }

    /** Whether it has that fault. */
    public boolean has(String cause) {
        return faults.contains(cause);
    }

    /** What its owner says. */
    public Set<String> said() {
        return Set.copyOf(said);
    }

    /** Looks; twice is the same. */
    public boolean shows(String look) {
        return seen.get(look);
    }

    /** Minutes that something takes here that is known to take so long. */
    public double takes(double known) {
        return known * pace * Math.exp(0.3 * minutes.nextGaussian());
    }
}
