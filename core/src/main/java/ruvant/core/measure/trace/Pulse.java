package ruvant.core.measure.trace;

import java.util.Optional;

/**
 * One firing on one channel, made ready to be timed: what lies around its edges, and the level between them. Made by
 * {@link PulseMaker}.
 */
final class Pulse {
    /** Blades may rebound for so long behind a closing. */
    static final double BOUNCING_SECONDS = 0.030;

    /**
     * On the edges a lamp that is not steady goes on as its fit does, not quite as it did: part of its unevenness, over
     * half of the ramps.
     */
    private static final double UNSEEN = 0.5;

    /** A fast automatic level follows the light within a millisecond; what it lets through until then counts too much. */
    private static final double TURNS_DOWN_SECONDS = 0.0005;

    /** How much brighter the lamp is than an input that is overdriven shows, as a part of that. */
    private static final double USUALLY_CUT = 0.25;

    /** Of what is guessed to be cut off, one standard deviation. */
    private static final double GUESSED = 0.65;

    /** Ramps are timed from 10 to 90 %. */
    private static final double RAMP_SEEN = 0.8;

    /** Kept around each edge beyond its window. */
    private static final double KEPT_SECONDS = 0.008;

    private final Side opening;
    private final Side closing;
    private final EdgeWindow openWindow;
    private final EdgeWindow closeWindow;
    private final Optional<LampLevel> openLevel;
    private final Optional<LampLevel> closeLevel;
    private final double peak;
    private final Plateau plateau;
    private final double bouncedSeconds;
    private final boolean unclear;

    Pulse(
            Side opening,
            Side closing,
            EdgeWindow openWindow,
            EdgeWindow closeWindow,
            Optional<LampLevel> openLevel,
            Optional<LampLevel> closeLevel,
            double peak,
            Plateau plateau,
            double bouncedSeconds,
            boolean unclear) {
        this.opening = opening;
        this.closing = closing;
        this.openWindow = openWindow;
        this.closeWindow = closeWindow;
        this.openLevel = openLevel;
        this.closeLevel = closeLevel;
        this.peak = peak;
        this.plateau = plateau;
        this.bouncedSeconds = bouncedSeconds;
        this.unclear = unclear;
    }

    /** Whether noise hides its edges, so that only all of its light together tells how long it was. */
    boolean isUnclear() {
        return unclear;
    }

    /** Until how long behind its closing light is known to have come back, 0 for none. */
    double bouncedSeconds() {
        return bouncedSeconds;
    }

    Optional<LampLevel> level() {
        return openLevel;
    }

    double peak() {
        return peak;
    }

    /** One standard deviation of the mean that the peak is. */
    double peakError() {
        double samples = 2 * Math.min(plateau.room(), Brightest.SMOOTHED_SECONDS * opening.rateHz()) + 1;
        return opening.noiseOver(samples) / Math.sqrt(samples);
    }

    Side closing() {
        return closing;
    }

    EdgeWindow closeWindow() {
        return closeWindow;
    }

    EdgeWindow openWindow() {
        return openWindow;
    }

    Side opening() {
        return opening;
    }

    boolean isOnePiece() {
        return plateau.inOnePiece();
    }

    /** Keeps the surroundings of its edges only, or a long recording of many firings would not fit into memory. */
    Pulse trimmed() {
        int margin = (int) (KEPT_SECONDS * opening.rateHz());
        int tail = (int) ((BOUNCING_SECONDS + bouncedSeconds) * opening.rateHz());
        int first = Math.max(0, openWindow.from() - margin);
        int last = Math.min(closing.light().length, Math.max(closeWindow.to(), openWindow.to()) + tail);
        boolean shared = opening.light() == closing.light();
        if (shared && closeWindow.from() - openWindow.to() < 2 * margin) {
            Side both = opening.part(first, last);
            Side end = new Side(
                    both.light(),
                    both.from(),
                    closing.about() - first,
                    closing.noise(),
                    closing.darkVariance(),
                    closing.rateHz(),
                    closing.wander());
            return trimmed(both, end, first, first);
        }
        int openEnd = Math.min(opening.light().length, openWindow.to() + margin);
        int closeBegin = Math.max(0, closeWindow.from() - margin);
        return trimmed(opening.part(first, openEnd), closing.part(closeBegin, last), first, closeBegin);
    }

    private Pulse trimmed(Side open, Side close, int openCut, int closeCut) {
        return new Pulse(
                open,
                close,
                openWindow.in(openCut),
                closeWindow.in(closeCut),
                openLevel.map(level -> level.seenFrom(openCut)),
                closeLevel.map(level -> level.seenFrom(closeCut)),
                peak,
                plateau,
                bouncedSeconds,
                unclear);
    }

    /** The same with its edges looked for again, now that the lamp's level is known better. */
    Pulse lookedAtAgain(LampLevel lamp) {
        boolean shared = opening.light() == closing.light();
        int openInside = shared ? brightest() : opening.light().length - 1;
        int closeInside = shared ? openInside : 0;
        LampLevel open = lamp.seenFrom(opening.from());
        LampLevel close = lamp.seenFrom(closing.from());
        return new Pulse(
                opening,
                closing,
                unclear ? openWindow : EdgeWindow.of(opening, open, openInside, -1, plateau.room()),
                unclear ? closeWindow : EdgeWindow.of(closing, close, closeInside, 1, plateau.room()),
                openLevel,
                closeLevel,
                peak,
                plateau,
                bouncedSeconds,
                unclear);
    }

    private int brightest() {
        return Brightest.in(opening.light(), opening.about(), closing.about(), opening.rateHz(), plateau.room());
    }

    Plateau plateau() {
        return plateau;
    }

    /** The plateau's level where it is known best: in its middle, or behind the opening where only the edges are known. */
    Optional<Double> levelSeen() {
        return plateau.level();
    }

    /** Variance of that, 0 for none. */
    double levelVariance() {
        return plateau.levelVariance();
    }

    /** Whether its plateau shows a lamp that neither grows nor ripples. */
    boolean hasSteadyLevel() {
        return openLevel.filter(LampLevel::isSteady).isPresent();
    }

    /** Times both edges with its own level, or with one handed in. */
    Timed timed(Optional<LampLevel> other) {
        LampLevel open = other.map(lamp -> lamp.seenFrom(opening.from()))
                .or(() -> openLevel)
                .orElseGet(() -> LampLevel.steady(peak, peak * peak * 0.01));
        LampLevel close = other.map(lamp -> lamp.seenFrom(closing.from()))
                .or(() -> closeLevel)
                .orElse(open);
        boolean touching =
                opening.light() == closing.light() && isOnePiece() && closeWindow.from() - openWindow.to() < 1;
        if (touching) {
            return byArea(open);
        }
        EdgeTime first = EdgeTime.opening(opening, openWindow, open);
        EdgeTime last = EdgeTime.closing(closing, closeWindow, close);
        double relative = open.variance(openWindow.to()) / square(open.at(openWindow.to()));
        double shift = last.levelSlope() - first.levelSlope();
        double fromLevel = isOnePiece()
                ? relative * shift * shift
                : relative * square(first.levelSlope())
                        + close.variance(closeWindow.from())
                                / square(close.at(closeWindow.from()))
                                * square(last.levelSlope());
        double ramps = first.rampSeconds() + last.rampSeconds();
        double unseen = UNSEEN * ramps / 2 * (open.unevenness(openWindow.to()) + close.unevenness(closeWindow.from()));
        return new Timed(
                first.seconds(),
                last.seconds(),
                last.seconds() - first.seconds(),
                Math.sqrt(first.variance() + last.variance() + fromLevel + square(unseen)),
                first.rampSeconds(),
                last.rampSeconds(),
                Math.sqrt(first.variance() + relative * square(first.levelSlope())),
                false);
    }

    /** Seconds for which it is brighter than half of its own plateau. */
    double halfSeconds() {
        double opens = opening.from() + (openWindow.low() + openWindow.high()) / 2;
        double closes = closing.from() + (closeWindow.low() + closeWindow.high()) / 2;
        return (closes - opens) / opening.rateHz();
    }

    /** Timed by all of its light, over a level from elsewhere or its own peak. */
    Timed byArea(Optional<LampLevel> other) {
        return isOnePiece()
                ? byArea(other.map(lamp -> lamp.seenFrom(opening.from()))
                        .orElseGet(() -> LampLevel.steady(peak, peak * peak * 0.01)))
                : timed(other);
    }

    /** Blades or slit that never let the whole light through: area over the level, edges at half of the peak. */
    private Timed byArea(LampLevel level) {
        double rate = opening.rateHz();
        double area = 0;
        double squares = 0;
        int from = openWindow.from();
        int to = Math.max(closeWindow.to(), openWindow.to());
        for (int i = from; i < to; i++) {
            double bright = level.at(i);
            area += opening.light()[i] / bright;
            squares += 1 / (bright * bright);
        }
        double mean = level.at((from + to) / 2.0);
        double variance = squares * square(opening.noiseOver(to - from))
                + opening.darkVariance() / square(mean) * square(to - from)
                + level.variance((from + to) / 2.0) / square(mean) * area * area
                + 0.01;
        double middle = (openWindow.low() + closeWindow.low()) / 2 + opening.from();
        double exposure = area / rate;
        return new Timed(
                middle / rate - exposure / 2,
                middle / rate + exposure / 2,
                exposure,
                Math.sqrt(variance) / rate,
                openWindow.rampSamples() / rate,
                closeWindow.rampSamples() / rate,
                Math.sqrt(variance) / rate,
                !unclear);
    }

    private static double square(double value) {
        return value * value;
    }

    /**
     * What was timed, in seconds; edges from the beginning of the recording.
     *
     * @param touching whether opening and closing run into each other, so that no plateau tells the level
     */
    record Timed(
            double openSeconds,
            double closeSeconds,
            double exposureSeconds,
            double uncertaintySeconds,
            double openRampSeconds,
            double closeRampSeconds,
            double edgeUncertaintySeconds,
            boolean touching) {
        /**
         * The same, less certain, where the lamp's level is not: firings show levels that differ by more than their noise.
         *
         * @param levels standard deviation of the level, as a part of it
         */
        Timed under(double levels) {
            return lessSure(levels * (touching ? exposureSeconds : (openRampSeconds + closeRampSeconds) / 2));
        }

        /**
         * The same where an input turned itself down while it opened.
         *
         * @param fall by which part of the level
         */
        Timed whileOpening(double fall) {
            return lessSure(fall / (1 - fall) * Math.max(TURNS_DOWN_SECONDS, openRampSeconds / 2));
        }

        /** The same for an input that was overdriven: of the whole ramps only the lower part is there, so both edges lie farther in. */
        Timed cutOff() {
            double cut = USUALLY_CUT / 2 * (openRampSeconds + closeRampSeconds) / RAMP_SEEN;
            double exposure = Math.max(exposureSeconds / 2, exposureSeconds - cut);
            double moved = (exposureSeconds - exposure) / 2;
            return new Timed(
                    openSeconds + moved,
                    closeSeconds - moved,
                    exposure,
                    Math.hypot(uncertaintySeconds, GUESSED * cut),
                    openRampSeconds,
                    closeRampSeconds,
                    Math.hypot(edgeUncertaintySeconds, GUESSED * cut / 2),
                    touching);
        }

        private Timed lessSure(double byLevel) {
            return new Timed(
                    openSeconds,
                    closeSeconds,
                    exposureSeconds,
                    Math.hypot(uncertaintySeconds, byLevel),
                    openRampSeconds,
                    closeRampSeconds,
                    Math.hypot(edgeUncertaintySeconds, byLevel / 2),
                    touching);
        }
    }
}
