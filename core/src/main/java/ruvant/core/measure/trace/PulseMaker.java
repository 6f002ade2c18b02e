package ruvant.core.measure.trace;

import java.util.Arrays;
import java.util.Optional;

/**
 * Makes firings ready to be timed: light restored, dark taken off, the plateau's level found. A firing that is short
 * against the input's sinking is restored in one piece; of a longer one each edge is restored by itself, since what is
 * wrong with the coupling's factor would add up in between.
 */
final class PulseMaker {
    /** So many sinking times are restored in one piece. */
    private static final double RESTORABLE = 2.5;

    /** A longer firing is read at its edges only: two and a half sinks of the slowest usual coupling end there. */
    static final double WHOLE_SECONDS = 0.4;

    /** Dark on either side, six turns of the mains. */
    static final double AROUND_SECONDS = 0.12;

    /** Dark on either side of an edge in any case: more than the blades take, and a turn of the mains. */
    private static final double LEAST_REACH_SECONDS = 0.025;

    /** The coarse edge may lie late by the run of the blades. */
    private static final double BEFORE_SECONDS = 0.006;

    /** Fewer samples than this have no level of their own. */
    private static final double LEAST_PLATEAU_SAMPLES = 4;

    /** A plateau shorter than this part of the firing is looked for by its edges. */
    private static final double SHORT_PLATEAU = 0.3;

    /** A plateau that is no brighter than that beside the brightest of it is none. */
    private static final double LEAST_OF_PEAK = 0.85;

    /** Standard deviations. */
    private static final double SURE = 3;

    /** The same where the edges are not clear; noise lifts the peak, and a level with dark in it lies far lower. */
    private static final double CLEARLY_OF_PEAK = 0.75;

    /** Noise left on the light where its edges cannot be told any more, as a part of the peak. */
    private static final double UNCLEAR = 0.025;

    /** Longer firings show their level and their edges well enough in any noise that firings can be found in. */
    private static final double SHORT_SECONDS = 0.012;

    private PulseMaker() {}

    private static boolean isDim(LampLevel seen, double peak) {
        return seen.mean() * (1 + SURE * seen.relativeUncertainty()) < LEAST_OF_PEAK * peak;
    }

    private static double smoothed(double relative, int room) {
        double half = Math.min(room, Math.ceil(relative / EdgeWindow.CALM * relative / EdgeWindow.CALM / 2));
        return relative / Math.sqrt(2 * half + 1);
    }

    /**
     * Where a firing lies in the samples.
     *
     * @param recorded of the channel, light upwards
     * @param from recording's sample at which they begin
     * @param opens about where it opens, in the array
     * @param closes about where it closes
     * @param again from where on it is dark for good
     * @param darkFrom from where on it is dark before it
     * @param darkTo until where it is dark behind it
     */
    record Place(float[] recorded, long from, int opens, int closes, int again, int darkFrom, int darkTo) {}

    /**
     * What is known of the channel.
     *
     * @param longestRamp seconds that blades, or a slit before a sensor, take from half open to wide open
     */
    record Channel(CoupledBy coupling, double rateHz, double longestRamp) {}

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
        Dark.Stretch after = after(closes, place.again() - place.darkFrom(), light.length, rate);
        Dark dark = Dark.of(light, before, after, channel);
        dark.takeFrom(light);
        double noise = noise(light, before, after);
        Wander wander = Wander.of(light, noise, rate, before, after);
        double variance = dark.variance((opens + closes) / 2.0, wander.most() * noise);
        Side opening = new Side(light, from, opens, noise, variance, rate, wander);
        Side closing = new Side(light, from, closes, noise, variance, rate, wander);
        int room = Math.max(1, (closes - opens) / 8);
        int inside = Brightest.in(light, opens, closes, rate, room);
        double peak = Brightest.around(light, rate, room).at(inside);
        LampLevel rough = LampLevel.steady(peak, 0);
        EdgeWindow open = EdgeWindow.of(opening, rough, inside, -1, room);
        EdgeWindow close = EdgeWindow.of(closing, rough, inside, 1, room);
        Optional<LampLevel> level = Optional.empty();
        for (int round = 0; round < 2 && close.from() - open.to() >= LEAST_PLATEAU_SAMPLES; round++) {
            LampLevel seen = LampLevel.of(opening, open.to(), close.from());
            if (isDim(seen, peak)) {
                level = Optional.empty();
                break;
            }
            level = Optional.of(seen);
            open = EdgeWindow.of(opening, level.get(), inside, -1, room);
            close = EdgeWindow.of(closing, level.get(), inside, 1, room);
        }
        if (close.from() - open.to() < Math.max(LEAST_PLATEAU_SAMPLES, SHORT_PLATEAU * (closes - opens))) {
            Optional<SteepEdges> between = SteepEdges.of(light, opens, closes, inside, rate);
            if (between.isPresent()) {
                SteepEdges flat = between.get();
                level = Optional.of(LampLevel.of(opening, flat.from(), flat.to()))
                        .filter(seen -> !isDim(seen, peak));
            }
            if (between.isPresent() && level.isPresent()) {
                int middle = (between.get().from() + between.get().to()) / 2;
                open = EdgeWindow.of(opening, level.get(), middle, -1, room);
                close = EdgeWindow.of(closing, level.get(), middle, 1, room);
            }
        }
        if (close.from() - open.to() < LEAST_PLATEAU_SAMPLES || level.isEmpty()) {
            level = Optional.empty();
            open = EdgeWindow.of(opening, rough, inside, -1, room);
            close = EdgeWindow.of(closing, rough, inside, 1, room);
        }
        boolean unclear = smoothed(noise / peak, room) > UNCLEAR && closes - opens < SHORT_SECONDS * rate;
        if (unclear) {
            int around = (int) (channel.longestRamp() * rate);
            int end = Math.min(closes + around, Math.max(closes + 1, after.from()));
            open = new EdgeWindow(Math.max(0, opens - around), closes, opens, opens + 1);
            close = new EdgeWindow(closes, end, closes, closes - 1);
            level = closes - opens < 2 * around + LEAST_PLATEAU_SAMPLES
                    ? Optional.empty()
                    : Optional.of(LampLevel.steady(opening, opens + around, closes - around))
                            .filter(seen -> seen.mean() > CLEARLY_OF_PEAK * peak);
        }
        Plateau plateau = unclear
                ? Plateau.of(opening, opens, opens, level, true)
                : Plateau.of(opening, open.to(), close.from(), level, true);
        return new Pulse(
                        opening,
                        closing,
                        open,
                        close,
                        level,
                        level,
                        peak,
                        plateau,
                        (place.again() - place.closes()) / rate,
                        unclear)
                .trimmed();
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
        Dark darkBefore = Dark.of(first, before, new Dark.Stretch(0, 0), channel);
        darkBefore.takeFrom(first);
        double noise = noise(first, before, new Dark.Stretch(0, 0));
        Wander wander = Wander.of(first, noise, rate, before);
        double openVariance = darkBefore.variance(opens, wander.most() * noise);
        Side opening = new Side(first, opensAt.from() + opensAt.darkFrom(), opens, noise, openVariance, rate, wander);

        int closeBegin = Math.max(0, closesAt.closes() - wide);
        double[] last = restored(closesAt, closeBegin, closesAt.darkTo(), channel);
        int closes = closesAt.closes() - closeBegin;
        Dark.Stretch after = after(closes, closesAt.again() - closeBegin, last.length, rate);
        Dark darkAfter = Dark.of(last, new Dark.Stretch(0, 0), after, channel);
        darkAfter.takeFrom(last);
        double closeVariance = darkAfter.variance(closes, wander.most() * noise);
        Side closing = new Side(last, closesAt.from() + closeBegin, closes, noise, closeVariance, rate, wander);

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
                        plateau,
                        (closesAt.again() - closesAt.closes()) / rate,
                        false)
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

    private static Dark.Stretch after(int closes, int again, int length, double rate) {
        int guard = Math.max((int) (Pulse.BOUNCING_SECONDS * rate), again - closes + (int) (BEFORE_SECONDS * rate));
        int room = length - closes;
        int from = room > 2 * guard ? guard : Math.max(room / 2, again - closes);
        return new Dark.Stretch(Math.min(length, closes + from), length);
    }

    private static double noise(double[] light, Dark.Stretch before, Dark.Stretch after) {
        double first = before.length() > 16 ? Dark.noise(light, before) : 0;
        double second = after.length() > 16 ? Dark.noise(light, after) : 0;
        return first > 0 && second > 0 ? Math.sqrt((first * first + second * second) / 2) : Math.max(first, second);
    }
}
