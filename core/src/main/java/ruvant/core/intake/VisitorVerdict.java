package ruvant.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.trade.VisitorSignKind;

/**
 * What the signs of an earlier visitor come to.
 *
 * @param opened how it was opened, if it was
 * @param reasons the signs that speak for it, in words
 * @param expect what follows from it for the work; empty when untouched
 */
public record VisitorVerdict(Opened opened, List<String> reasons, List<String> expect) {
    /** Nobody was in, somebody with care, or somebody without. */
    public enum Opened implements ruvant.core.units.Labelled {
        UNTOUCHED("untouched"),
        WITH_CARE("opened with care"),
        WITHOUT_CARE("opened without care");

        private final String label;

        Opened(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * Weighs the signs. One careless sign is enough for "without care": a careful hand leaves none of them. Signs that a
     * careful hand leaves too (fresh glue, lock paint gone) only say that somebody was in.
     */
    public static VisitorVerdict of(List<IntakePicture.Sign> signs) {
        Set<VisitorSignKind> kinds =
                signs.stream().map(sign -> sign.sign().sign()).collect(Collectors.toSet());
        if (kinds.isEmpty()) {
            return new VisitorVerdict(Opened.UNTOUCHED, List.of("no sign of earlier repair noted"), List.of());
        }
        List<String> reasons = signs.stream()
                .map(sign -> sign.sign().sign().label()
                        + (sign.sign().remark().isEmpty()
                                ? ""
                                : ", " + sign.sign().remark()))
                .distinct()
                .toList();
        boolean careless = kinds.stream().anyMatch(VisitorSignKind::careless);
        return new VisitorVerdict(
                careless ? Opened.WITHOUT_CARE : Opened.WITH_CARE, reasons, expectations(kinds, careless));
    }

    private static List<String> expectations(Set<VisitorSignKind> kinds, boolean careless) {
        List<String> expect = new ArrayList<>();
        expect.add("The earlier repair may be the fault. Suspect what was touched.");
        if (careless || kinds.contains(VisitorSignKind.WRONG_SCREW)) {
            expect.add("Screws may be in the wrong holes. Measure each length before it goes back.");
        }
        if (kinds.contains(VisitorSignKind.WRONG_SCREW)) {
            expect.add("A piece may be loose inside. Look for it before the first firing.");
        }
        if (kinds.contains(VisitorSignKind.GRAPHITE)) {
            expect.add("Graphite is where it should not be. Clean before you judge the speeds.");
        }
        return expect;
    }
}
