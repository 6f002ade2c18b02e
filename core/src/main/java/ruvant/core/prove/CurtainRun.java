package ruvant.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.hipparchus.stat.StatUtils;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.units.ExposureEv;

/**
 * How the curtains ran at one speed, the mean of its firings.
 *
 * @param firings that showed it
 * @param capped firings in which part of the gate got no light
 * @param syncMarginSeconds from the leading curtain's arrival to the trailing one's start
 * @param places at even steps over the gate
 */
public record CurtainRun(
        int firings,
        int capped,
        double gateMm,
        OverGate travel,
        RunTaper taper,
        double syncMarginSeconds,
        List<AcrossGate> places) {
    /** Travel of each curtain over the gate. */
    public record OverGate(double leadingSeconds, double trailingSeconds) {}

    /**
     * How evenly the gate is exposed.
     *
     * @param ev exposure at the end of the gate over that at its start, stops
     * @param allowedEv what is allowed of it
     * @param evenLeading by which part the leading curtain's travel would have to change for both ends to get the same,
     *     the trailing one left as it is
     * @param evenTrailing likewise the trailing one's, the leading one left as it is
     */
    public record RunTaper(double ev, double allowedEv, double evenLeading, double evenTrailing) {}

    /**
     * A place of the gate.
     *
     * @param openSeconds when the leading curtain passes, from its passing the start
     * @param closeSeconds when the trailing one does
     * @param errorEv of the exposure there, stops
     */
    public record AcrossGate(double placeMm, double openSeconds, double closeSeconds, double errorEv) {}

    /** Empty where no firing showed both curtains. */
    static Optional<CurtainRun> of(List<MeasuredFiring> firings, double nominalSeconds, double taperAllowedEv) {
        List<MeasuredFiring.CurtainTimes> seen = firings.stream()
                .flatMap(one -> one.curtains().stream())
                .filter(one -> !one.openSeconds().isEmpty())
                .toList();
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        int steps =
                seen.stream().mapToInt(one -> one.openSeconds().size()).min().orElseThrow();
        double gate = seen.getFirst().gateMm();
        List<AcrossGate> places = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            int at = i;
            double open = mean(seen, one -> one.openSeconds().get(at));
            double across = mean(seen, one -> one.acrossSeconds().get(at));
            double least = 1e-3 * nominalSeconds;
            places.add(new AcrossGate(
                    gate * i / Math.max(1, steps - 1),
                    open,
                    open + across,
                    ExposureEv.of(Math.max(least, across), nominalSeconds).value()));
        }
        double leading = mean(seen, MeasuredFiring.CurtainTimes::leadingSeconds);
        double trailing = mean(seen, MeasuredFiring.CurtainTimes::trailingSeconds);
        // a curtain that takes a part p longer reaches the end p·T later, the start as before
        double unevenSeconds = mean(seen, one -> one.acrossSeconds().get(steps - 1))
                - mean(seen, one -> one.acrossSeconds().getFirst());
        return Optional.of(new CurtainRun(
                seen.size(),
                (int) seen.stream()
                        .filter(one -> one.acrossSeconds().stream().anyMatch(seconds -> seconds <= 0))
                        .count(),
                gate,
                new OverGate(leading, trailing),
                new RunTaper(
                        mean(seen, MeasuredFiring.CurtainTimes::taperEv),
                        taperAllowedEv,
                        unevenSeconds / leading,
                        -unevenSeconds / trailing),
                mean(seen, MeasuredFiring.CurtainTimes::syncMarginSeconds),
                places));
    }

    private static double mean(
            List<MeasuredFiring.CurtainTimes> seen, ToDoubleFunction<MeasuredFiring.CurtainTimes> value) {
        return StatUtils.mean(seen.stream().mapToDouble(value).toArray());
    }
}
