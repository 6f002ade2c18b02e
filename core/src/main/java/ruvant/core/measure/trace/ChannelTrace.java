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
 */
record ChannelTrace(int channel, List<Lit> lit, double main, double blockNoise, CoupledBy coupling, Optional<Hum> hum) {
    /** A hand cannot fire in step with the mains four times running. */
    private static final int FLICKERS = 3;

    /** As a part of the main step; less moves an edge at half height by less than its own noise. */
    private static final double HUM_MATTERS = 0.03;

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
        float[] blocks = coarse.means()[channel];
        double noise = coarse.noise(channel);
        Steps steps = Steps.of(blocks, coarse.blockSeconds(), noise);
        if (steps.isLopsided()) {
            ChannelTrace whole = of(coarse, channel, setup, clipped, steps.byLargest());
            if (whole.lit().stream().anyMatch(Lit::isWhole) || !steps.areSure()) {
                return whole;
            }
            ChannelTrace smaller = of(coarse, channel, setup, clipped, steps);
            return smaller.lit().stream().anyMatch(Lit::isWhole) ? smaller : whole;
        }
        return of(coarse, channel, setup, clipped, steps);
    }

    private static ChannelTrace of(Coarse coarse, int channel, StandSetup setup, boolean clipped, Steps first) {
        float[] blocks = coarse.means()[channel];
        double block = coarse.blockSeconds();
        double noise = coarse.noise(channel);
        Steps steps = first;
        if (!steps.areSure()) {
            return new ChannelTrace(channel, List.of(), 0, noise, CoupledBy.DIRECT, Optional.empty());
        }
        CoupledBy coupling = CoupledBy.DIRECT;
        List<Lit> lit = stretches(steps, CERTAIN_PART, blocks.length, block, setup);
        Optional<Hum> hum = Hum.in(blocks, block, lit, noise);
        List<Lit> before = List.of();
        for (int round = 0; round < 2 && !lit.equals(before); round++) {
            if (setup.coupling() != StandSetup.Coupling.DC) {
                double humHz = hum.map(Hum::hz).orElse(0.0);
                coupling = new CouplingEstimate(blocks, block, lit, steps.main(), noise, humHz, clipped)
                        .found()
                        .orKnown(setup.cutoffHz());
            }
            // a coupling that sinks fast looks like steps of its own until it is undone
            steps = coupling.isDirect() ? steps : Steps.of(coupling.restoredBlocks(blocks, block), block, noise);
            before = lit;
            lit = stretches(steps, Steps.LEAST_PART, blocks.length, block, setup);
        }
        return new ChannelTrace(channel, lit, steps.main(), noise, coupling, hum);
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

    /** A firing of this channel, timed. */
    record Measured(
            Lit lit,
            Pulse pulse,
            Pulse.Timed timed,
            Optional<LampLevel> shared,
            double level,
            boolean clipped,
            Optional<Bounce> bounce) {
        /** The lamp as this firing was timed by. */
        Optional<LampLevel> lamp() {
            return shared.or(pulse::level);
        }

        Measured under(double unrest) {
            return new Measured(lit, pulse, timed.under(unrest), shared, level, clipped, bounce);
        }

        /** Whether the light stayed below a level that other firings reached. */
        boolean staysLow() {
            return pulse.isOnePiece()
                    && pulse.peak() < 0.94 * level
                    && lamp().flatMap(LampLevel::rippleHz).isEmpty();
        }
    }

    /** A firing made ready, before the lamp is known from all of them. */
    record Ready(Lit lit, Pulse pulse, boolean clipped) {}

    /** Makes one firing ready, given the samples around it. */
    Ready ready(Coarse coarse, Pieces pieces, int k) {
        Lit one = lit.get(k);
        PulseMaker.Channel known =
                new PulseMaker.Channel(coupling, hum.map(Hum::hz).orElse(0.0), coarse.rateHz());
        PulseMaker.Place opens = place(coarse, pieces, k, one.from());
        PulseMaker.Place closes = place(coarse, pieces, k, one.to());
        boolean inOne =
                opens.from() == closes.from() && PulseMaker.inOnePiece(one.blocks() * coarse.blockSeconds(), coupling);
        Pulse pulse = inOne ? PulseMaker.whole(opens, known) : PulseMaker.byEdges(opens, closes, known);
        return new Ready(one, pulse, clips(opens, pulse) || clips(closes, pulse));
    }

    private static boolean clips(PulseMaker.Place place, Pulse pulse) {
        return Clipping.in(
                place.recorded(),
                place.darkFrom(),
                place.darkTo(),
                pulse.opening().noise());
    }

    /** Times what was made ready, by the lamp as all of it together shows it. */
    List<Measured> measure(List<Ready> ready) {
        List<Pulse> pulses = ready.stream().map(Ready::pulse).toList();
        Optional<LampLevel> common = SharedLevel.of(pulses);
        Optional<LampLevel> inStep = common.isPresent() ? Optional.empty() : MainsRipple.inStep(pulses);
        double unrest = common.isPresent() || inStep.isPresent() ? 0 : SharedLevel.unrest(pulses);
        return ready.stream()
                .map(one -> measured(one.lit(), one.pulse(), common, inStep, one.clipped()))
                .map(one -> one.pulse().hasSteadyLevel() ? one.under(unrest) : one)
                .toList();
    }

    private static Measured measured(
            Lit lit, Pulse own, Optional<LampLevel> common, Optional<LampLevel> inStep, boolean clipped) {
        Pulse pulse = own;
        Optional<LampLevel> level = Optional.empty();
        if (own.isOnePiece() && !clipped) {
            level = inStep.or(() -> SharedLevel.better(own, common));
            pulse = inStep.isPresent() ? own.lookedAtAgain(level.orElseThrow()) : own;
        }
        double height = level.or(pulse::level).map(LampLevel::mean).orElse(pulse.peak());
        return new Measured(lit, pulse, pulse.timed(level), level, height, clipped, Bounce.after(pulse, height));
    }

    /** Samples around a firing with the light upwards, and how far the dark reaches to both sides. */
    private PulseMaker.Place place(Coarse coarse, Pieces pieces, int k, int near) {
        Lit one = lit.get(k);
        int block = coarse.blockFrames();
        Pieces.Piece piece = pieces.holding(Math.min((long) near * block, coarse.frames() - 1));
        long darkFrom = k == 0 ? 0 : (long) lit.get(k - 1).to() * block + frames(coarse, 0.03);
        long darkTo =
                k + 1 == lit.size() ? coarse.frames() : (long) lit.get(k + 1).from() * block - frames(coarse, 0.006);
        float[] recorded = piece.channels()[channel];
        if (!one.upwards()) {
            recorded = recorded.clone();
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
        long to = Math.min(piece.to(), Math.min(Math.max(darkTo, closes + least), closes + reach));
        return new PulseMaker.Place(
                recorded,
                piece.from(),
                (int) ((long) one.from() * block - piece.from()),
                (int) ((long) one.to() * block - piece.from()),
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
            if (to - from < frames(coarse, PulseMaker.WHOLE_SECONDS)) {
                wanted.add(clipped(from - around, to + around, coarse.frames()));
            } else {
                wanted.add(clipped(from - around, from + around, coarse.frames()));
                wanted.add(clipped(to - around, to + around, coarse.frames()));
            }
        }
        return wanted;
    }

    private static Pieces.Wanted clipped(long from, long to, long frames) {
        return new Pieces.Wanted(Math.max(0, from), Math.min(frames, to));
    }
}
