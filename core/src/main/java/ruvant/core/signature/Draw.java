package ruvant.core.signature;

/**
 * One shutter as it may be, with its faults worked into it: what it would do at each speed. Times in seconds, errors in
 * stops. A fault adds to it; the second one adds to the first.
 */
final class Draw {
    private static final double LN2 = Math.log(2);

    final double[] nominal;

    /** By how much a speed runs long as a whole. */
    final double[] longerEv;

    final double[] longerSeconds;

    /** Scatter from firing to firing, as squares. */
    final double[] scatterEv2;

    final double[] scatterSeconds2;

    /** Chance of a firing that hangs, or that falls short. */
    final double[] hangs;

    final double[] drops;

    /** By how much longer with the lens down, and at the first firing after a rest. */
    final double[] downEv;

    final double[] downSeconds;
    final double[] firstEv;
    final double[] firstSeconds;

    /** For a focal plane. */
    Curtains curtains;

    Draw(double[] nominal) {
        this.nominal = nominal;
        longerEv = new double[nominal.length];
        longerSeconds = new double[nominal.length];
        scatterEv2 = new double[nominal.length];
        scatterSeconds2 = new double[nominal.length];
        hangs = new double[nominal.length];
        drops = new double[nominal.length];
        downEv = new double[nominal.length];
        downSeconds = new double[nominal.length];
        firstEv = new double[nominal.length];
        firstSeconds = new double[nominal.length];
    }

    /**
     * How the curtains run.
     *
     * @param travelSeconds of a healthy one over the gate
     * @param gain by how much faster it is at the end than at the start, as a part
     * @param follows how far the trailing curtain's release follows the leading one's travel, 0 (own clock) to 1
     * @param leading by which part the leading one travels longer
     * @param leadingPower how that is spread over the gate: 1 evenly, more toward its end
     * @param leadingJitter standard deviation of its travel, seconds
     */
    record Curtains(
            double travelSeconds,
            double gain,
            double follows,
            double leading,
            double leadingPower,
            double leadingJitter,
            double trailing,
            double trailingPower,
            double trailingJitter) {
        Curtains withLeading(double more, double power, double jitter) {
            return new Curtains(
                    travelSeconds,
                    gain,
                    follows,
                    leading + more,
                    power,
                    leadingJitter + jitter,
                    trailing,
                    trailingPower,
                    trailingJitter);
        }

        Curtains withTrailing(double more, double power, double jitter) {
            return new Curtains(
                    travelSeconds,
                    gain,
                    follows,
                    leading,
                    leadingPower,
                    leadingJitter,
                    trailing + more,
                    power,
                    trailingJitter + jitter);
        }

        /** Part of its travel time that a curtain has used up at a place. */
        private double used(double place) {
            double start = 1 / (1 + gain / 2);
            double curve = gain * start / 2;
            return Math.abs(curve) < 1e-6
                    ? place
                    : (-start + Math.sqrt(start * start + 4 * curve * place)) / (2 * curve);
        }
    }

    void addCommon(double ev) {
        for (int s = 0; s < nominal.length; s++) {
            longerEv[s] += ev;
        }
    }

    /** Every speed late by about the same time: what drags, sticks or lets go late. */
    void lag(double late, double scatter, double down, double first, double hang) {
        for (int s = 0; s < nominal.length; s++) {
            longerSeconds[s] += late;
            scatterSeconds2[s] += scatter * scatter;
            downSeconds[s] += down;
            firstSeconds[s] += first;
            hangs[s] += hang;
        }
    }

    /** What is to be expected at one speed. */
    Expected at(int s, double[] places) {
        double base = nominal[s] * Math.exp(LN2 * longerEv[s]) + longerSeconds[s];
        double[] error = new double[places.length];
        // what a second of the clock, or of a curtain's travel, is worth in stops at each place
        double[] clock = new double[places.length];
        double[] leading = new double[places.length];
        double[] trailing = new double[places.length];
        for (int k = 0; k < places.length; k++) {
            double here = base;
            double leadingPart = 0;
            double trailingPart = 0;
            if (curtains != null) {
                double used = curtains.used(places[k]);
                leadingPart = power(used, curtains.leadingPower);
                trailingPart = power(used, curtains.trailingPower);
                double late = curtains.leading * curtains.travelSeconds;
                here += curtains.trailing * curtains.travelSeconds * trailingPart - late * leadingPart;
                here += curtains.follows * late * camTurned(nominal[s]);
            }
            double part = here / nominal[s];
            error[k] = Compared.of(part);
            clock[k] = Compared.perPart(part) / nominal[s];
            leading[k] = clock[k] * leadingPart;
            trailing[k] = clock[k] * trailingPart;
        }
        double level = mean(error);
        for (int k = 0; k < places.length; k++) {
            error[k] -= level;
        }
        double perSecond = mean(clock);
        double jitter2 = scatterEv2[s] + scatterSeconds2[s] * square(perSecond);
        double acrossJitter2 = 0;
        if (curtains != null) {
            double leading2 = square(curtains.leadingJitter);
            double trailing2 = square(curtains.trailingJitter);
            jitter2 += leading2 * square(mean(leading)) + trailing2 * square(mean(trailing));
            acrossJitter2 = leading2 * variance(leading) + trailing2 * variance(trailing);
        }
        return new Expected(
                level,
                error,
                Math.sqrt(jitter2),
                Math.sqrt(acrossJitter2),
                Math.clamp(hangs[s], 0.004, 0.9),
                Math.clamp(drops[s], 0.004, 0.9),
                downEv[s] + downSeconds[s] * perSecond,
                firstEv[s] + firstSeconds[s] * perSecond);
    }

    /** How far the leading curtain has turned the cam of a fast speed when it lets go; slow speeds are held otherwise. */
    private double camTurned(double seconds) {
        return seconds < 3 * curtains.travelSeconds ? Math.min(1, seconds / curtains.travelSeconds) : 0;
    }

    private static double mean(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum / values.length;
    }

    private static double variance(double[] values) {
        double mean = mean(values);
        double sum = 0;
        for (double value : values) {
            sum += square(value - mean);
        }
        return sum / values.length;
    }

    private static double square(double value) {
        return value * value;
    }

    private static double power(double used, double power) {
        return power == 1 ? used : Math.pow(used, power);
    }

    double leadingLog2() {
        return Math.log(Math.max(0.2, 1 + curtains.leading)) / LN2;
    }

    double trailingLog2() {
        return Math.log(Math.max(0.2, 1 + curtains.trailing)) / LN2;
    }

    /**
     * On the scale on which exposures are compared, which is stops where they are not far too short.
     *
     * @param contrastEv at each place, less the level
     */
    record Expected(
            double levelEv,
            double[] contrastEv,
            double scatterEv,
            double contrastScatterEv,
            double hangs,
            double drops,
            double downEv,
            double firstEv) {}
}
