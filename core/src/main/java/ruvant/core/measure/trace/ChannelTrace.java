package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.trade.StandSetup;

/**
 * One channel of a recording: which stretches are lit, and what the input does to it.
 *
 * @param channel from 0
 * @param lit in order of time
 * @param main size of the channel's main steps
 * @param hum of the mains in the dark
 * @param knocks that were bridged
 * @param kind what is before the sensor
 */
record ChannelTrace(
        int channel,
        List<Lit> lit,
        double main,
        double blockNoise,
        CoupledBy coupling,
        Optional<Hum> hum,
        Knocks knocks,
        StandSetup.Kind kind) {
    /** A hand cannot fire in step with the mains four times running. */
    private static final int FLICKERS = 3;

    /** As a part of the main step; less moves an edge at half height by less than its own noise. */
    private static final double HUM_MATTERS = 0.03;

    /** Blades of the slowest old shutters, from half open to wide open. */
    private static final double LEAF_RAMP_SECONDS = 0.0025;

    /** A curtain at two metres a second before a wide sensor. */
    private static final double CURTAIN_RAMP_SECONDS = 0.001;

    /** Blades that open wide let this part of the lamp's light through at least. */
    private static final double LOW = 0.94;

    /** As a part of the level; the brightest of a noisy plateau lies above it by less. */
    private static final double BRIGHTER = 1.1;

    /** Standard deviations of the brightest light. */
    private static final double SURE = 3;

    /** Steps of this part of the main one are a shutter's even before the coupling is undone. */
    private static final double CERTAIN_PART = 0.6;

    /** Whether the mains hum loud enough in it to be told. */
    boolean hums() {
        return hum.filter(one -> one.amplitude() > HUM_MATTERS * main).isPresent();
    }

    boolean isSilent() {
        return lit.isEmpty();
    }

    /** Finds the firings of a channel. */
    static ChannelTrace of(Coarse coarse, int channel, StandSetup setup, boolean clipped) {
        double noise = coarse.noise(channel);
        Knocks knocks = Knocks.in(coarse.means()[channel], coarse.blockSeconds(), noise);
        float[] blocks = knocks.bridged(coarse.means()[channel]);
        Steps steps = Steps.of(blocks, coarse.blockSeconds(), noise);
        if (steps.isLopsided()) {
            ChannelTrace whole = of(coarse, channel, setup, clipped, knocks, steps.byLargest());
            if (whole.lit().stream().anyMatch(Lit::isWhole) || !steps.areSure()) {
                return whole;
            }
            ChannelTrace smaller = of(coarse, channel, setup, clipped, knocks, steps);
            return smaller.lit().stream().anyMatch(Lit::isWhole) ? smaller : whole;
        }
        return of(coarse, channel, setup, clipped, knocks, steps);
    }

    private static ChannelTrace of(
            Coarse coarse, int channel, StandSetup setup, boolean clipped, Knocks knocks, Steps first) {
        float[] recorded = knocks.bridged(coarse.means()[channel]);
        double block = coarse.blockSeconds();
        double noise = coarse.noise(channel);
        Steps steps = first;
        if (!steps.areSure()) {
            return new ChannelTrace(
                    channel, List.of(), 0, noise, CoupledBy.DIRECT, Optional.empty(), knocks, setup.kind());
        }
        CoupledBy coupling = CoupledBy.DIRECT;
        List<Lit> lit = stretches(steps, CERTAIN_PART, recorded.length, block, setup);
        Optional<Hum> hum = Hum.in(recorded, block, lit, noise);
        float[] blocks = hum.map(one -> one.without(recorded)).orElse(recorded);
        List<Lit> before = List.of();
        for (int round = 0; round < 2 && !lit.equals(before); round++) {
            if (setup.coupling() != StandSetup.Coupling.DC) {
                coupling = new CouplingEstimate(blocks, block, lit, steps.main(), noise, clipped)
                        .found()
                        .orKnown(setup.cutoffHz());
            }
            // a coupling that sinks fast looks like steps of its own until it is undone
            steps = coupling.isDirect() ? steps : Steps.of(coupling.restoredBlocks(blocks, block), block, noise);
            before = lit;
            lit = stretches(steps, Steps.LEAST_PART, blocks.length, block, setup);
        }
        return new ChannelTrace(channel, lit, steps.main(), noise, coupling, hum, knocks, setup.kind());
    }

    /** Blocks of the channel without knocks and hum. */
    float[] calm(Coarse coarse) {
        float[] bridged = knocks.bridged(coarse.means()[channel]);
        return hum.map(one -> one.without(bridged)).orElse(bridged);
    }

    private static List<Lit> stretches(Steps steps, double part, int blocks, double blockSeconds, StandSetup setup) {
        return LitStretches.of(steps.above(part), blocks, blockSeconds, setup.nominalSeconds()).stream()
                .filter(one -> one.cut() || one.isWhole())
                .toList();
    }

    /** Whether it goes on and off in step with the mains: the lamp flickers, or the blades do not move at all. */
    boolean flickers(double blockSeconds) {
        int inStep = 0;
        for (int k = 1; k < lit.size(); k++) {
            double apart = (lit.get(k).from() - lit.get(k - 1).from()) * blockSeconds;
            boolean mains = Math.abs(apart * 100 - 1) < 0.12 || Math.abs(apart * 120 - 1) < 0.12;
            inStep = mains ? inStep + 1 : 0;
            if (inStep >= FLICKERS) {
                return true;
            }
        }
        return false;
    }

    /** What the slit of a focal plane did before the sensor. */
    enum Slit {
        /** It lit all of it, or there is no slit. */
        WIDE,
        /** It may not have lit all of it, but how bright that would be is known from others. */
        AGAINST_OTHERS,
        /** It may not have lit all of it, and nothing tells how bright that would be. */
        UNKNOWN
    }

    /** A firing of this channel, timed. */
    record Measured(
            Lit lit,
            Pulse pulse,
            Pulse.Timed timed,
            Optional<LampLevel> shared,
            double level,
            boolean clipped,
            Optional<Bounce> bounce,
            Slit slit) {
        /** The lamp as this firing was timed by. */
        Optional<LampLevel> lamp() {
            return shared.or(pulse::level);
        }

        /** The same, less certain by what an automatic level did while it opened, as a part of the level. */
        Measured turnedDown(double fall) {
            return fall == 0
                    ? this
                    : new Measured(lit, pulse, timed.whileOpening(fall), shared, level, clipped, bounce, slit);
        }

        Measured under(double unrest) {
            return new Measured(lit, pulse, timed.under(unrest), shared, level, clipped, bounce, slit);
        }

        /** Whether the light stayed below a level that other firings reached. */
        boolean staysLow() {
            return pulse.isOnePiece()
                    && pulse.peak() + SURE * pulse.peakError() < LOW * level
                    && lamp().flatMap(LampLevel::rippleHz).isEmpty();
        }
    }

    /** A firing made ready, before the lamp is known from all of them. */
    record Ready(Lit lit, Pulse pulse, boolean clipped) {}

    /** Makes one firing ready, given the samples around it. */
    Ready ready(Coarse coarse, Pieces pieces, int k) {
        Lit one = lit.get(k);
        PulseMaker.Channel known = new PulseMaker.Channel(
                coupling, coarse.rateHz(), kind == StandSetup.Kind.LEAF ? LEAF_RAMP_SECONDS : CURTAIN_RAMP_SECONDS);
        PulseMaker.Place opens = place(coarse, pieces, k, one.from());
        PulseMaker.Place closes = place(coarse, pieces, k, one.to());
        boolean inOne =
                opens.from() == closes.from() && PulseMaker.inOnePiece(one.blocks() * coarse.blockSeconds(), coupling);
        Pulse pulse = inOne ? PulseMaker.whole(opens, known) : PulseMaker.byEdges(opens, closes, known);
        return new Ready(one, pulse, clips(pieces, opens, pulse) || clips(pieces, closes, pulse));
    }

    /** Asked of the recording as it stands, since hum that was taken off a cut plateau would hide that it is cut. */
    private boolean clips(Pieces pieces, PulseMaker.Place place, Pulse pulse) {
        return Clipping.in(
                pieces.holding(place.from()).channels()[channel],
                place.darkFrom(),
                place.darkTo(),
                pulse.opening().noise());
    }

    /** Times what was made ready, by the lamp as all of it together shows it. */
    List<Measured> measure(List<Ready> ready, Optional<Passing> passing) {
        List<Pulse> wide = ready.stream()
                .map(Ready::pulse)
                .filter(pulse -> passing.isEmpty() || passing.get().surelyWide(pulse.halfSeconds()))
                .toList();
        Optional<LampLevel> common = SharedLevel.of(wide);
        Optional<LampLevel> inStep = common.isPresent() || wide.isEmpty() ? Optional.empty() : MainsRipple.inStep(wide);
        double unrest = common.isPresent() || inStep.isPresent() ? 0 : SharedLevel.unrest(wide);
        // a level that is cut off, or outshone, is not the whole of the lamp
        Optional<LampLevel> reference = common.or(() -> SharedLevel.brightest(wide))
                .filter(level -> ready.stream().noneMatch(Ready::clipped) && noneIsBrighter(ready, level));
        double fall = AutomaticLevel.fall(lit, wide).orElse(0.0);
        return ready.stream()
                .map(one -> wide.contains(one.pulse())
                        ? measured(one, common, inStep)
                        : narrow(one, inStep.or(() -> reference)))
                .map(one -> one.pulse().hasSteadyLevel() ? one.under(unrest) : one)
                .map(one -> one.turnedDown(fall))
                .toList();
    }

    /** The whole of the lamp is not outshone by a part of it. */
    private static boolean noneIsBrighter(List<Ready> ready, LampLevel level) {
        return ready.stream()
                .map(Ready::pulse)
                .allMatch(pulse -> pulse.peak() - SURE * pulse.peakError() < BRIGHTER * level.mean());
    }

    /** A slit that may light the sensor in part only: all its light over the whole light that others show. */
    private static Measured narrow(Ready ready, Optional<LampLevel> reference) {
        Pulse pulse = ready.pulse();
        double height = reference.map(LampLevel::mean).orElse(pulse.peak());
        return new Measured(
                ready.lit(),
                pulse,
                pulse.byArea(reference),
                reference,
                height,
                ready.clipped(),
                Bounce.after(pulse, height),
                reference.isPresent() ? Slit.AGAINST_OTHERS : Slit.UNKNOWN);
    }

    private static Measured measured(Ready ready, Optional<LampLevel> common, Optional<LampLevel> inStep) {
        Pulse own = ready.pulse();
        boolean clipped = ready.clipped();
        Pulse pulse = own;
        Optional<LampLevel> level = Optional.empty();
        if (own.isOnePiece() && !clipped) {
            level = inStep.or(() -> SharedLevel.better(own, common));
            pulse = inStep.isPresent() ? own.lookedAtAgain(level.orElseThrow()) : own;
        }
        double height = level.or(pulse::level).map(LampLevel::mean).orElse(pulse.peak());
        return new Measured(
                ready.lit(),
                pulse,
                clipped ? pulse.timed(level).cutOff() : pulse.timed(level),
                level,
                height,
                clipped,
                Bounce.after(pulse, height),
                Slit.WIDE);
    }

    /** Samples around a firing with the light upwards, and how far the dark reaches to both sides. */
    private PulseMaker.Place place(Coarse coarse, Pieces pieces, int k, int near) {
        Lit one = lit.get(k);
        int block = coarse.blockFrames();
        Pieces.Piece piece = pieces.holding(Math.min((long) near * block, coarse.frames() - 1));
        long darkFrom = k == 0 ? 0 : (long) lit.get(k - 1).again() * block + frames(coarse, 0.03);
        long darkTo =
                k + 1 == lit.size() ? coarse.frames() : (long) lit.get(k + 1).from() * block - frames(coarse, 0.006);
        float[] recorded = piece.channels()[channel];
        if (hum.isPresent() || !knocks.stretches().isEmpty() || !one.upwards()) {
            recorded = recorded.clone();
        }
        knocks.bridge(recorded, piece.from(), coarse.rateHz());
        if (hum.isPresent()) {
            hum.get().takeFrom(recorded, piece.from(), coarse.rateHz());
        }
        if (!one.upwards()) {
            for (int i = 0; i < recorded.length; i++) {
                recorded[i] = -recorded[i];
            }
        }
        long reach = frames(coarse, PulseMaker.AROUND_SECONDS);
        // firings that follow one another too closely leave no dark between them; a few samples are taken for it
        long least = frames(coarse, 0.001);
        long opens = (long) one.from() * block;
        long closes = (long) one.to() * block;
        long from = Math.max(piece.from(), Math.max(Math.min(darkFrom, opens - least), opens - reach));
        long again = (long) one.again() * block;
        long to = Math.min(piece.to(), Math.min(Math.max(darkTo, again + least), again + reach));
        return new PulseMaker.Place(
                recorded,
                piece.from(),
                (int) ((long) one.from() * block - piece.from()),
                (int) ((long) one.to() * block - piece.from()),
                (int) ((long) one.again() * block - piece.from()),
                (int) (from - piece.from()),
                (int) (to - piece.from()));
    }

    private static long frames(Coarse coarse, double seconds) {
        return Math.round(seconds * coarse.rateHz());
    }

    /** The samples that are needed to time the firings. */
    List<Pieces.Wanted> wanted(Coarse coarse) {
        List<Pieces.Wanted> wanted = new ArrayList<>();
        long around = frames(coarse, PulseMaker.AROUND_SECONDS + 0.02);
        for (Lit one : lit) {
            long from = (long) one.from() * coarse.blockFrames();
            long to = (long) one.to() * coarse.blockFrames();
            long again = (long) one.again() * coarse.blockFrames();
            if (to - from < frames(coarse, PulseMaker.WHOLE_SECONDS)) {
                wanted.add(clipped(from - around, again + around, coarse.frames()));
            } else {
                wanted.add(clipped(from - around, from + around, coarse.frames()));
                wanted.add(clipped(to - around, again + around, coarse.frames()));
            }
        }
        return wanted;
    }

    private static Pieces.Wanted clipped(long from, long to, long frames) {
        return new Pieces.Wanted(Math.max(0, from), Math.min(frames, to));
    }
}
