package ruvant.core.proof;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;

/**
 * What a test film shows: how many frames are as they should be, how even the gaps are, and for each fault where it is likely to
 * come from, by what it is and by which frames have it.
 *
 * @param good frames without a fault
 * @param counterOff counter less frames; empty where nobody looked at the counter
 * @param gaps empty where fewer than three were measured
 * @param faults each once, those with most frames first
 */
public record FilmReading(
        int frames, int good, Optional<Integer> counterOff, Optional<Gaps> gaps, List<OfFault> faults) {
    private static final double NEARLY_ALL = 0.75;
    private static final int FEW = 3;

    /** A trend of the gaps counts from this many standard errors. */
    private static final double TELLING = 2.5;

    /** Of an even film drive the gaps differ by no more than this, mm. */
    private static final double EVEN_MM = 0.5;

    /**
     * Gaps between frames.
     *
     * @param meanMm on average
     * @param spreadMm standard deviation
     * @param trendMm how much wider each is than the one before; 0 where no trend can be told from chance
     * @param overlaps how many lie below 0
     * @param even whether they differ by no more than a good film drive makes them
     */
    public record Gaps(double meanMm, double spreadMm, double trendMm, int overlaps, boolean even) {}

    /**
     * One kind of fault.
     *
     * @param frames that have it, in their order
     * @param spread how they lie
     * @param causes what it comes from, those first that fit how the frames lie; others of that kind of fault after them
     * @param fitting how many of the causes fit
     */
    public record OfFault(
            FrameFault fault,
            List<Integer> frames,
            ProofBook.Spread spread,
            List<ProofBook.FrameCause> causes,
            int fitting) {}

    /** Reads a film. */
    public static FilmReading of(ProofEntry.FilmDeveloped film, ProofBook book) {
        Map<FrameFault, List<ProofEntry.FrameSeen>> byFault = new EnumMap<>(FrameFault.class);
        film.faults()
                .forEach(seen -> byFault.computeIfAbsent(seen.fault(), fault -> new ArrayList<>())
                        .add(seen));
        List<OfFault> faults = new ArrayList<>();
        byFault.forEach((fault, seen) -> faults.add(fault(fault, seen, film.frames(), book)));
        faults.sort((one, other) ->
                Integer.compare(other.frames().size(), one.frames().size()));
        long bad = film.faults().stream()
                .map(ProofEntry.FrameSeen::frame)
                .distinct()
                .count();
        return new FilmReading(
                film.frames(),
                film.frames() - (int) bad,
                Optional.ofNullable(film.counter()).map(counter -> counter - film.frames()),
                gaps(film.gapsMm()),
                List.copyOf(faults));
    }

    private static OfFault fault(FrameFault fault, List<ProofEntry.FrameSeen> seen, int frames, ProofBook book) {
        ProofBook.Spread spread = spread(seen, frames);
        List<ProofBook.FrameCause> all = book.frames().getOrDefault(fault, List.of());
        List<ProofBook.FrameCause> fits = all.stream()
                .filter(one -> one.spread() == ProofBook.Spread.ANY || one.spread() == spread)
                .toList();
        List<ProofBook.FrameCause> ordered = new ArrayList<>(fits);
        all.stream().filter(one -> !fits.contains(one)).forEach(ordered::add);
        return new OfFault(
                fault,
                seen.stream()
                        .map(ProofEntry.FrameSeen::frame)
                        .distinct()
                        .sorted()
                        .toList(),
                spread,
                List.copyOf(ordered),
                fits.size());
    }

    /** How faulty frames lie. Few frames tell little: they are called some. */
    private static ProofBook.Spread spread(List<ProofEntry.FrameSeen> seen, int frames) {
        TreeSet<Integer> which = new TreeSet<>();
        seen.forEach(one -> which.add(one.frame()));
        if (which.size() >= Math.max(FEW, NEARLY_ALL * frames)) {
            return ProofBook.Spread.ALL;
        }
        List<String> speeds = seen.stream()
                .map(ProofEntry.FrameSeen::speed)
                .filter(Objects::nonNull)
                .filter(one -> !one.isEmpty())
                .toList();
        if (speeds.size() == seen.size()
                && seen.size() > 1
                && speeds.stream().distinct().count() == 1) {
            return ProofBook.Spread.ONE_SPEED;
        }
        boolean together = which.last() - which.first() + 1 == which.size();
        if (which.size() >= FEW && together && (which.first() == 1 || which.last() == frames)) {
            return ProofBook.Spread.ONE_END;
        }
        return ProofBook.Spread.SOME;
    }

    private static Optional<Gaps> gaps(List<Double> gaps) {
        int count = gaps.size();
        if (count < FEW) {
            return Optional.empty();
        }
        double mean = gaps.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double middle = (count - 1) / 2.0;
        double across = 0;
        double along = 0;
        double squares = 0;
        for (int at = 0; at < count; at++) {
            double off = gaps.get(at) - mean;
            along += (at - middle) * (at - middle);
            across += (at - middle) * off;
            squares += off * off;
        }
        double slope = across / along;
        double rest = Math.max(0, squares - slope * across);
        double error = count > FEW ? Math.sqrt(rest / (count - 2) / along) : Double.POSITIVE_INFINITY;
        double spread = Math.sqrt(squares / (count - 1));
        return Optional.of(new Gaps(
                mean,
                spread,
                Math.abs(slope) > TELLING * error ? slope : 0,
                (int) gaps.stream().filter(gap -> gap < 0).count(),
                spread <= EVEN_MM && gaps.stream().noneMatch(gap -> gap < 0)));
    }
}
