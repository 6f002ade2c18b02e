package ruvant.core.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import ruvant.core.units.Refusal;

/** What was filed, drilled or made otherwise, pass by pass, and how far that still is from the line. */
public final class Modifications {
    private static final double NOTHING_MM = 1e-6;

    private Modifications() {}

    /**
     * One modification with all its passes.
     *
     * @param takenMm what came off in all; 0 where nothing was measured
     * @param limitMm how much may; empty where no figure was set
     * @param results what the tries after the passes showed, in their order
     */
    public record Modification(
            TreatEntry.Modified first,
            int passes,
            double takenMm,
            Optional<Double> limitMm,
            String limit,
            String agreed,
            List<String> results) {
        /** What is left up to the line, mm; empty where there is no figure. */
        public Optional<Double> leftMm() {
            return limitMm.map(most -> Math.max(0, most - takenMm));
        }

        /** In words, as it stands on the return sheet. */
        public String words() {
            StringBuilder words = new StringBuilder(
                    first.part() + ", " + first.what() + ": " + first.how().label());
            if (takenMm > NOTHING_MM) {
                words.append(" by ").append(mm(takenMm));
            }
            limitMm.ifPresent(most -> words.append(" of at most ").append(mm(most)));
            if (!limit.isEmpty()) {
                words.append(", ").append(limit);
            }
            if (passes > 1) {
                words.append(", in ").append(passes).append(" passes");
            }
            if (!results.isEmpty()) {
                words.append("; ").append(results.getLast());
            }
            return words.toString();
        }
    }

    /** Modifications of a job, the first begun first. */
    public static List<Modification> of(List<TreatPicture.Done<TreatEntry.Modified>> passes) {
        List<List<TreatEntry.Modified>> groups = new ArrayList<>();
        for (TreatPicture.Done<TreatEntry.Modified> pass : passes) {
            groups.stream()
                    .filter(group -> group.getFirst().sameAs(pass.what()))
                    .findFirst()
                    .orElseGet(() -> {
                        List<TreatEntry.Modified> group = new ArrayList<>();
                        groups.add(group);
                        return group;
                    })
                    .add(pass.what());
        }
        return groups.stream().map(Modifications::one).toList();
    }

    private static Modification one(List<TreatEntry.Modified> passes) {
        return new Modification(
                passes.getFirst(),
                passes.size(),
                taken(passes),
                limit(passes),
                last(passes.stream().map(TreatEntry.Modified::limit).toList()),
                last(passes.stream().map(TreatEntry.Modified::agreed).toList()),
                passes.stream()
                        .map(TreatEntry.Modified::result)
                        .filter(result -> !result.isEmpty())
                        .toList());
    }

    private static double taken(List<TreatEntry.Modified> passes) {
        return passes.stream()
                .map(TreatEntry.Modified::takenMm)
                .filter(Objects::nonNull)
                .mapToDouble(mm -> mm)
                .sum();
    }

    /** The line is drawn once, at the first pass that names one; a later one does not move it. */
    private static Optional<Double> limit(List<TreatEntry.Modified> passes) {
        return passes.stream()
                .map(TreatEntry.Modified::limitMm)
                .filter(Objects::nonNull)
                .findFirst();
    }

    private static String last(List<String> words) {
        return words.stream()
                .filter(one -> !one.isEmpty())
                .reduce((earlier, later) -> later)
                .orElse("");
    }

    /** Why a further pass cannot be: more would be off than the line allows, and nobody says why. */
    static Optional<Refusal> objection(List<TreatPicture.Done<TreatEntry.Modified>> before, TreatEntry.Modified next) {
        List<TreatEntry.Modified> passes = new ArrayList<>(before.stream()
                .map(TreatPicture.Done::what)
                .filter(one -> one.sameAs(next))
                .toList());
        double already = taken(passes);
        passes.add(next);
        Optional<Double> most = limit(passes);
        double all = taken(passes);
        if (most.isEmpty()
                || all <= most.get() + NOTHING_MM
                || !next.pastReason().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Refusal(
                "pastTheLine",
                "%s, %s: removing %s in all would go past the limit of %s. %s is already removed."
                        .formatted(next.part(), next.what(), mm(all), mm(most.get()), mm(already)),
                "Remove at most " + mm(Math.max(0, most.get() - already)) + ", or say why it went past."));
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm).replaceAll("(\\.\\d)0$", "$1") + " mm";
    }
}
