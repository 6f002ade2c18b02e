package ruvant.core.signature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import ruvant.core.signature.Signatures.Explained;

/**
 * What else the stand could look at to tell two causes apart: for each thing not yet looked at, how far apart the two
 * would put it, against how well it could be measured.
 */
final class TellApart {
    /** As many firings are supposed to be made. */
    private static final int FIRINGS = 5;

    /** Two means this many spreads apart are told apart more often than not. */
    private static final double ENOUGH = 1.2;

    private static final double[] ACROSS = {0.1, 0.5, 0.9};

    private final List<SpeedFirings> speeds;
    private final List<Seen> seen;
    private final Explained first;
    private final Explained second;
    private final List<Told> candidates = new ArrayList<>();

    private record Told(double apart, String words) {}

    private TellApart(List<SpeedFirings> speeds, List<Seen> seen, Explained first, Explained second) {
        this.speeds = speeds;
        this.seen = seen;
        this.first = first;
        this.second = second;
    }

    static String words(
            List<SpeedFirings> speeds, List<Seen> seen, CurtainTravel travel, Explained first, Explained second) {
        TellApart tell = new TellApart(speeds, seen, first, second);
        tell.collect(travel);
        return tell.candidates.stream()
                .max(Comparator.comparingDouble(Told::apart))
                .filter(best -> best.apart() > ENOUGH)
                .map(Told::words)
                .orElse("Nothing else the stand can measure tells “"
                        + first.cause().words() + "” from “" + second.cause().words() + "”. Only a look inside does.");
    }

    private void collect(CurtainTravel travel) {
        for (int s = 0; s < speeds.size(); s++) {
            int speed = s;
            String marked = speeds.get(s).marked();
            double[] places = seen.get(s).places();
            if (seen.get(s).lensDown().firings() == 0) {
                add(
                        draw -> draw.at(speed, places).downEv(),
                        measuring(s),
                        "Fire " + marked + " five times with the lens down",
                        "EV longer than level");
            }
            if (Double.isNaN(seen.get(s).firstEv())) {
                add(
                        draw -> draw.at(speed, places).firstEv(),
                        measuring(s) * 1.5,
                        "Let it rest and fire " + marked + " five times, several times over",
                        "EV longer at the first firing than later");
            }
        }
        if (first.shutters().getFirst().curtains != null) {
            int fastest = speeds.size() - 1;
            if (seen.get(fastest).places().length < 2) {
                add(
                        draw -> moreAtTheEnd(draw.at(fastest, ACROSS)),
                        measuring(fastest),
                        "Measure " + speeds.get(fastest).marked() + " with sensors across the gate",
                        "EV more at its end than at its start");
            }
            if (travel.leadingLog2().isEmpty()) {
                addTravel(Draw::leadingLog2, "leading");
            }
            if (travel.trailingLog2().isEmpty()) {
                addTravel(Draw::trailingLog2, "trailing");
            }
        }
    }

    private static double moreAtTheEnd(Draw.Expected across) {
        double[] contrast = across.contrastEv();
        return Compared.toEv(across.levelEv() + contrast[2]) - Compared.toEv(across.levelEv() + contrast[0]);
    }

    private void addTravel(ToDoubleFunction<Draw> log2, String curtain) {
        add(
                draw -> Math.pow(2, log2.applyAsDouble(draw)) * 100 - 100,
                100 * Likelihood.TRAVEL_LOG2 * Math.log(2),
                "Compare the " + curtain + " curtain's travel with the maker's specification",
                "% longer");
    }

    private double measuring(int speed) {
        double scatter = seen.get(speed).level().scatterEv();
        return 0.05 + (Double.isNaN(scatter) ? 0.05 : scatter) * Math.sqrt(2.0 / FIRINGS);
    }

    private void add(ToDoubleFunction<Draw> value, double spread, String what, String unit) {
        double[] one = meanAndVariance(first, value);
        double[] other = meanAndVariance(second, value);
        double apart = Math.abs(one[0] - other[0]) / Math.sqrt(one[1] + other[1] + spread * spread);
        String format = unit.startsWith("%") ? "%+.0f" : "%+.2f";
        String words = what + ": with “" + first.cause().words() + "” about " + signed(format, one[0]) + " " + unit
                + " is to be expected, with “" + second.cause().words() + "” " + signed(format, other[0]) + ".";
        candidates.add(new Told(apart, words));
    }

    private static String signed(String format, double value) {
        return String.format(Locale.ROOT, format, value).replace('-', '−');
    }

    private static double[] meanAndVariance(Explained cause, ToDoubleFunction<Draw> value) {
        double[] values = cause.shutters().stream().mapToDouble(value).toArray();
        double mean = 0;
        for (double one : values) {
            mean += one / values.length;
        }
        double variance = 0;
        for (double one : values) {
            variance += (one - mean) * (one - mean) / values.length;
        }
        return new double[] {mean, variance};
    }
}
