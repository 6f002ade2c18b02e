package ruvant.core.measure.trace;

import java.util.Arrays;
import java.util.Optional;

/**
 * One firing on one channel, made ready to be timed: light restored, dark taken off, the plateau's level found. A firing
 * that is short against the input's sinking is restored in one piece; of a longer one each edge is restored by itself,
 * since what is wrong with the coupling's factor would add up in between.
 */
final class Pulse {
    /** So many sinking times are restored in one piece. */
    private static final double RESTORABLE = 2.5;

    static final double WHOLE_SECONDS = 0.4;
    static final double AROUND_SECONDS = 0.12;
    private static final double LEAST_REACH_SECONDS = 0.025;
    private static final double BEFORE_SECONDS = 0.006;
    /** Kept around each edge beyond its window. */
    private static final double KEPT_SECONDS = 0.008;

    private static final double BOUNCING_SECONDS = 0.030;

    private final Side opening;
    private final Side closing;
    private final EdgeWindow openWindow;
    private final EdgeWindow closeWindow;
    private final Optional<LampLevel> openLevel;
    private final Optional<LampLevel> closeLevel;
    private final double peak;
    private final Plateau plateau;

    private Pulse(
            Side opening,
            Side closing,
            EdgeWindow openWindow,
            EdgeWindow closeWindow,
            Optional<LampLevel> openLevel,
            Optional<LampLevel> closeLevel,
            double peak,
            Plateau plateau) {
        this.opening = opening;
        this.closing = closing;
        this.openWindow = openWindow;
        this.closeWindow = closeWindow;
        this.openLevel = openLevel;
        this.closeLevel = closeLevel;
        this.peak = peak;
        this.plateau = plateau;
    }

    /**
     * Where a firing lies in the samples.
     *
     * @param recorded of the channel, light upwards
     * @param from recording's sample at which they begin
     * @param opens about where it opens, in the array
     * @param closes about where it closes
     * @param darkFrom from where on it is dark before it
     * @param darkTo until where it is dark behind it
     */
    record Place(float[] recorded, long from, int opens, int closes, int darkFrom, int darkTo) {}

    /** What is known of the channel. */
    record Channel(CoupledBy coupling, double humHz, double rateHz) {
        double humPerSample() {
            return 2 * Math.PI * humHz / rateHz;
        }
    }

    static boolean inOnePiece(double seconds, CoupledBy coupling) {
        return seconds <= Math.min(WHOLE_SECONDS, Math.max(0.012, RESTORABLE * coupling.sinkSeconds()));
    }

    /** A firing whose samples are all at hand, light restored over the whole of it. */
    static Pulse whole(Place place, Channel channel) {
        double rate = channel.rateHz();
        double[] light = restored(place, place.darkFrom(), place.darkTo(), channel);
        int opens = place.opens() - place.darkFrom();
        int closes = place.closes() - place.darkFrom();
        long from = place.from() + place.darkFrom();
        Dark.Stretch before = before(opens, rate);
        Dark.Stretch after = after(closes, light.length, rate);
        Dark dark = Dark.of(
                light, before, after, channel.humPerSample(), channel.coupling().second() > 0);
        dark.takeFrom(light);
        double noise = noise(light, before, after);
        double variance = dark.variance((opens + closes) / 2.0, noise);
        Side opening = new Side(light, from, opens, noise, variance, rate);
        Side closing = new Side(light, from, closes, noise, variance, rate);
        int room = Math.max(1, (closes - opens) / 8);
        int brightest = brightest(light, opens, closes, rate, room);
        double peak = mean(light, brightest, Math.min(room, (int) (0.0002 * rate) + 1));
        LampLevel rough = LampLevel.steady(peak, 0);
        int inside = brightest;
        EdgeWindow open = EdgeWindow.of(opening, rough, inside, -1, room);
        EdgeWindow close = EdgeWindow.of(closing, rough, inside, 1, room);
        Optional<LampLevel> level = Optional.empty();
        for (int round = 0; round < 2 && close.from() - open.to() >= 4; round++) {
            level = Optional.of(LampLevel.of(opening, open.to(), close.from()));
            open = EdgeWindow.of(opening, level.get(), inside, -1, room);
            close = EdgeWindow.of(closing, level.get(), inside, 1, room);
        }
        if (close.from() - open.to() < 4) {
            level = Optional.empty();
        }
        Plateau plateau = Plateau.of(opening, open.to(), close.from(), level, true);
        return new Pulse(opening, closing, open, close, level, level, peak, plateau).trimmed();
    }

    /** A firing of which each edge is restored by itself. */
    static Pulse byEdges(Place opensAt, Place closesAt, Channel channel) {
        double rate = channel.rateHz();
        double reach = Math.min(
                AROUND_SECONDS,
                Math.max(LEAST_REACH_SECONDS, 3 * channel.coupling().sinkSeconds()));
        int wide = (int)
                (Math.min(reach, (closesAt.from() + closesAt.closes() - opensAt.from() - opensAt.opens()) / rate / 2)
                        * rate);

        int openEnd = Math.min(opensAt.recorded().length, opensAt.opens() + wide);
        double[] first = restored(opensAt, opensAt.darkFrom(), openEnd, channel);
        int opens = opensAt.opens() - opensAt.darkFrom();
        Dark.Stretch before = before(opens, rate);
        Dark darkBefore = Dark.of(
                first,
                before,
                new Dark.Stretch(0, 0),
                channel.humPerSample(),
                channel.coupling().second() > 0);
        darkBefore.takeFrom(first);
        double noise = noise(first, before, new Dark.Stretch(0, 0));
        Side opening = new Side(
                first, opensAt.from() + opensAt.darkFrom(), opens, noise, darkBefore.variance(opens, noise), rate);

        int closeBegin = Math.max(0, closesAt.closes() - wide);
        double[] last = restored(closesAt, closeBegin, closesAt.darkTo(), channel);
        int closes = closesAt.closes() - closeBegin;
        Dark.Stretch after = after(closes, last.length, rate);
        Dark darkAfter = Dark.of(
                last,
                new Dark.Stretch(0, 0),
                after,
                channel.humPerSample(),
                channel.coupling().second() > 0);
        darkAfter.takeFrom(last);
        Side closing =
                new Side(last, closesAt.from() + closeBegin, closes, noise, darkAfter.variance(closes, noise), rate);

        int room = wide / 8;
        Half open = Half.of(opening, first.length - room / 2, -1, room);
        Half close = Half.of(closing, room / 2, 1, room);
        double peak = (open.level.mean() + close.level.mean()) / 2;
        Plateau plateau = Plateau.of(opening, open.window.to(), first.length, Optional.of(open.level), false);
        return new Pulse(
                        opening,
                        closing,
                        open.window,
                        close.window,
                        Optional.of(open.level),
                        Optional.of(close.level),
                        peak,
                        plateau)
                .trimmed();
    }

    private record Half(EdgeWindow window, LampLevel level) {
        static Half of(Side side, int inside, int direction, int room) {
            int far = direction < 0 ? side.light().length : 0;
            int near = (side.about() + far) / 2;
            LampLevel level = LampLevel.of(side, Math.min(near, far), Math.max(near, far));
            EdgeWindow window = EdgeWindow.of(side, level, inside, direction, room);
            for (int round = 0; round < 2; round++) {
                int from = direction < 0 ? window.to() : far;
                int to = direction < 0 ? far : window.from();
                if (to - from < 8) {
                    break;
                }
                level = LampLevel.of(side, from, to);
                window = EdgeWindow.of(side, level, inside, direction, room);
            }
            return new Half(window, level);
        }
    }

    private static double[] restored(Place place, int from, int to, Channel channel) {
        float[] part = Arrays.copyOfRange(place.recorded(), from, Math.max(from, to));
        return channel.coupling().restored(part, channel.rateHz());
    }

    private static Dark.Stretch before(int opens, double rate) {
        int guard = (int) (BEFORE_SECONDS * rate);
        return new Dark.Stretch(0, opens > 2 * guard ? opens - guard : opens / 2);
    }

    private static Dark.Stretch after(int closes, int length, double rate) {
        int guard = (int) (BOUNCING_SECONDS * rate);
        int room = length - closes;
        return new Dark.Stretch(closes + (room > 2 * guard ? guard : room / 2), length);
    }

    private static double noise(double[] light, Dark.Stretch before, Dark.Stretch after) {
        double first = before.length() > 16 ? Dark.noise(light, before) : 0;
        double second = after.length() > 16 ? Dark.noise(light, after) : 0;
        return first > 0 && second > 0 ? Math.sqrt((first * first + second * second) / 2) : Math.max(first, second);
    }

    private static int brightest(double[] light, int opens, int closes, double rate, int room) {
        int around = (int) (0.002 * rate);
        EdgeWindow.Running smooth = new EdgeWindow.Running(light, Math.min(room, (int) (0.0002 * rate) + 1));
        int best = (opens + closes) / 2;
        if (closes - opens > 4 * around) {
            return best;
        }
        double most = smooth.at(best);
        for (int i = Math.max(0, opens - around); i < Math.min(light.length, closes + around); i++) {
            if (smooth.at(i) > most) {
                most = smooth.at(i);
                best = i;
            }
        }
        return best;
    }

    private static double mean(double[] light, int at, int half) {
        return new EdgeWindow.Running(light, half).at(at);
    }

    Optional<LampLevel> level() {
        return openLevel;
    }

    double peak() {
        return peak;
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
    private Pulse trimmed() {
        int margin = (int) (KEPT_SECONDS * opening.rateHz());
        int tail = (int) (BOUNCING_SECONDS * opening.rateHz());
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
                    closing.rateHz());
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
                plateau);
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
                EdgeWindow.of(opening, open, openInside, -1, plateau.room()),
                EdgeWindow.of(closing, close, closeInside, 1, plateau.room()),
                openLevel,
                closeLevel,
                peak,
                plateau);
    }

    private int brightest() {
        return brightest(opening.light(), opening.about(), closing.about(), opening.rateHz(), plateau.room());
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
        return new Timed(
                first.seconds(),
                last.seconds(),
                last.seconds() - first.seconds(),
                Math.sqrt(first.variance() + last.variance() + fromLevel),
                first.rampSeconds(),
                last.rampSeconds(),
                Math.sqrt(first.variance() + relative * square(first.levelSlope())),
                false);
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
        double variance = squares * square(opening.noise())
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
                true);
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
            boolean touching) {}
}
