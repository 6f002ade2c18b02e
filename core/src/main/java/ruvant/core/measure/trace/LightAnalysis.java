package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import ruvant.core.job.FiringFlag;
import ruvant.core.job.StandSetup;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;

/** Recordings of light: leaf and focal-plane shutters. */
final class LightAnalysis {
    private static final double MOST_RIPPLE = 0.30;
    private static final double HUM_MATTERS = 0.03;
    /** Sensors see one firing within the travel of the curtains, and no hand fires twice within it. */
    private static final double SAME_FIRING_SECONDS = 0.08;

    private final StandSetup setup;
    private final Coarse coarse;
    private final OptionalInt contact;
    private final List<String> warnings = new ArrayList<>();

    /** @param columns what the channels are called; one that speaks of a contact is a flash contact's, not a sensor's */
    LightAnalysis(StandSetup setup, Coarse coarse, List<String> columns) {
        this.setup = setup;
        this.coarse = coarse;
        this.contact = IntStream.range(0, columns.size())
                .filter(channel -> columns.get(channel).toLowerCase(Locale.ROOT).contains("contact"))
                .findFirst();
    }

    /** A channel with what was measured on it. */
    private record Seen(ChannelTrace trace, List<ChannelTrace.Measured> measured) {
        boolean clipped() {
            return measured.stream().anyMatch(ChannelTrace.Measured::clipped);
        }
    }

    MeasuredRecording of(RecordingSource source) {
        List<ChannelTrace> traces = traces(false);
        List<ChannelTrace> speaking =
                traces.stream().filter(trace -> !trace.isSilent()).toList();
        if (speaking.isEmpty()) {
            throw noFiring();
        }
        if (speaking.stream().anyMatch(trace -> trace.flickers(coarse.blockSeconds()))) {
            throw new RecordingProblem(
                    "rippleTooStrong",
                    "The lamp goes on and off with the mains.",
                    "Use a lamp that runs on a battery or on direct current.");
        }
        List<Seen> seen = measured(speaking, source);
        if (seen.stream()
                .anyMatch(one -> one.clipped() && !one.trace().coupling().isDirect())) {
            // a plateau that is cut spoils the area by which the coupling was found
            traces = traces(true);
            seen = measured(traces.stream().filter(trace -> !trace.isSilent()).toList(), source);
        }
        return answer(traces, seen);
    }

    private List<ChannelTrace> traces(boolean clipped) {
        return IntStream.range(0, coarse.means().length)
                .filter(channel -> contact.isEmpty() || contact.getAsInt() != channel)
                .parallel()
                .mapToObj(channel -> ChannelTrace.of(coarse, channel, setup, clipped))
                .toList();
    }

    private List<Seen> measured(List<ChannelTrace> traces, RecordingSource source) {
        List<Pieces.Wanted> wanted =
                traces.stream().flatMap(trace -> trace.wanted(coarse).stream()).toList();
        List<Progress> progress = traces.stream().map(Progress::new).toList();
        Pieces.read(source, wanted, pieces -> {
            progress.parallelStream().forEach(one -> one.goOn(pieces));
            return progress.stream().mapToLong(Progress::needsFrom).min().orElse(Long.MAX_VALUE);
        });
        return progress.stream()
                .map(one -> new Seen(one.trace, one.trace.measure(one.ready)))
                .toList();
    }

    /** How far the firings of a channel were made ready. */
    private final class Progress {
        private final ChannelTrace trace;
        private final List<ChannelTrace.Ready> ready = new ArrayList<>();
        private int next;

        Progress(ChannelTrace trace) {
            this.trace = trace;
        }

        void goOn(Pieces pieces) {
            while (next < trace.lit().size()) {
                Lit lit = trace.lit().get(next);
                long end = Math.min(coarse.frames(), (long) (lit.to() + 1) * coarse.blockFrames());
                if (end > pieces.readTo()) {
                    return;
                }
                if (!lit.cut()) {
                    ready.add(trace.ready(coarse, pieces, next));
                }
                next++;
            }
        }

        /** Nothing that ends before this sample is needed any more. */
        long needsFrom() {
            return next == trace.lit().size()
                    ? Long.MAX_VALUE
                    : (long) trace.lit().get(next).from() * coarse.blockFrames();
        }
    }

    private RecordingProblem noFiring() {
        return new RecordingProblem(
                "noFiring",
                "No firing is to be seen in the recording.",
                "Check that the lamp shines on the sensor through the open shutter and that the level moves; record again.");
    }

    /** The light of one firing as it was timed, channel by channel; none for a firing that is not there. */
    List<FiringLight> lightOf(RecordingSource source, int index) {
        List<ChannelTrace> speaking =
                traces(false).stream().filter(trace -> !trace.isSilent()).toList();
        List<List<OnChannel>> firings = together(measured(speaking, source));
        if (index < 1 || index > firings.size()) {
            return List.of();
        }
        return firings.get(index - 1).stream()
                .flatMap(one -> one.measured().map(measured -> FiringLight.of(one.channel() + 1, measured)).stream())
                .toList();
    }

    private MeasuredRecording answer(List<ChannelTrace> all, List<Seen> seen) {
        Optional<LampLevel> ripple = ripple(seen);
        double depth = ripple.map(LampLevel::rippleDepth).orElse(0.0);
        if (depth > MOST_RIPPLE) {
            throw new RecordingProblem(
                    "rippleTooStrong",
                    "The lamp ripples by %.0f %% with the mains.".formatted(100 * depth),
                    "Use a lamp that runs on a battery or on direct current.");
        }
        List<FiringFound> firings = new ArrayList<>();
        for (List<OnChannel> one : together(seen)) {
            firings.add(firing(firings.size() + 1, one, seen));
        }
        ChannelTrace best = seen.stream()
                .map(Seen::trace)
                .max(Comparator.comparingDouble(trace -> trace.main() / Math.max(1e-12, trace.blockNoise())))
                .orElseThrow();
        warn(all, seen, depth);
        return new MeasuredRecording(
                TraceAnalysis.VERSION, coarse.seconds(), firings, input(best, seen, ripple), warnings);
    }

    private MeasuredRecording.Input input(ChannelTrace best, List<Seen> seen, Optional<LampLevel> ripple) {
        double noise = seen.stream()
                .flatMap(one -> one.measured().stream())
                .filter(one -> one.level() > 0)
                .mapToDouble(one -> one.pulse().opening().noise() / one.level())
                .average()
                .orElse(best.blockNoise() * Math.sqrt(coarse.blockFrames()) / best.main());
        CoupledBy coupling = best.coupling();
        boolean inverted = best.lit().stream().filter(lit -> !lit.upwards()).count() * 2
                > best.lit().size();
        return new MeasuredRecording.Input(
                !coupling.isDirect(),
                coupling.isDirect() ? Optional.empty() : Optional.of(coupling.cutoffHz()),
                coupling.second() == 0 ? Optional.empty() : Optional.of(coupling.secondCutoffHz()),
                inverted,
                -20 * Math.log10(Math.max(1e-6, noise)),
                ripple.flatMap(LampLevel::rippleHz),
                ripple.map(LampLevel::rippleDepth),
                best.hum().map(Hum::hz),
                best.hum().map(hum -> hum.amplitude() / best.main()),
                coarse.rateHz());
    }

    private void warn(List<ChannelTrace> all, List<Seen> seen, double ripple) {
        for (ChannelTrace trace : all) {
            if (trace.isSilent()
                    && all.size() > 1
                    && trace.channel() < Math.max(1, setup.sensors().size())) {
                warnings.add("Channel " + (trace.channel() + 1) + " shows no firing: check its sensor and plug.");
            }
        }
        if (ripple > 0.02) {
            warnings.add("The lamp ripples by %.0f %% with the mains; it was taken out. A battery lamp measures better."
                    .formatted(100 * ripple));
        }
        seen.stream()
                .map(Seen::trace)
                .filter(trace -> trace.hum()
                        .filter(hum -> hum.amplitude() > HUM_MATTERS * trace.main())
                        .isPresent())
                .findFirst()
                .ifPresent(trace -> warnings.add("The mains hum in channel " + (trace.channel() + 1)
                        + "; it was taken out. Keep the cable away from mains leads."));
        if (seen.stream().anyMatch(Seen::clipped)) {
            warnings.add("The input is overdriven: turn its level down until the meter stays out of the red.");
        }
        if (seen.stream()
                .anyMatch(one ->
                        one.trace().lit().stream().map(Lit::upwards).distinct().count() > 1)) {
            warnings.add("Light goes up in some firings and down in others: was a plug turned round in between?");
        }
        if (setup.kind() == StandSetup.Kind.FOCAL_PLANE && setup.sensors().size() > all.size()) {
            warnings.add("The recording has " + all.size() + " channels for "
                    + setup.sensors().size()
                    + " sensors; an input with as many channels is needed to see how the curtains run.");
        }
    }

    private static Optional<LampLevel> ripple(List<Seen> seen) {
        return seen.stream()
                .flatMap(one -> one.measured().stream())
                .flatMap(one -> one.lamp().stream())
                .filter(level -> level.rippleHz().isPresent())
                .sorted(Comparator.comparingDouble(LampLevel::relativeUncertainty))
                .findFirst();
    }

    /** A firing as one channel saw it, cut ones with their stretch only. */
    private record OnChannel(int channel, double from, double to, Optional<ChannelTrace.Measured> measured, Lit lit) {}

    private List<List<OnChannel>> together(List<Seen> seen) {
        List<OnChannel> all = new ArrayList<>();
        for (Seen one : seen) {
            for (ChannelTrace.Measured measured : one.measured()) {
                all.add(new OnChannel(
                        one.trace().channel(),
                        measured.timed().openSeconds(),
                        measured.timed().closeSeconds(),
                        Optional.of(measured),
                        measured.lit()));
            }
            for (Lit lit : one.trace().lit()) {
                if (lit.cut()) {
                    double block = coarse.blockSeconds();
                    all.add(new OnChannel(
                            one.trace().channel(), lit.from() * block, lit.to() * block, Optional.empty(), lit));
                }
            }
        }
        all.sort(Comparator.comparingDouble(OnChannel::from));
        List<List<OnChannel>> firings = new ArrayList<>();
        double reaches = Double.NEGATIVE_INFINITY;
        for (OnChannel one : all) {
            if (one.from() > reaches + SAME_FIRING_SECONDS) {
                firings.add(new ArrayList<>());
                reaches = Double.NEGATIVE_INFINITY;
            }
            firings.getLast().add(one);
            reaches = Math.max(reaches, one.to());
        }
        firings.forEach(firing -> firing.sort(Comparator.comparingInt(OnChannel::channel)));
        return firings;
    }

    private FiringFound firing(int index, List<OnChannel> on, List<Seen> seen) {
        Set<FiringFlag> flags = EnumSet.noneOf(FiringFlag.class);
        List<FiringFound.OnChannel> channels = new ArrayList<>();
        for (OnChannel one : on) {
            if (one.measured().isEmpty()) {
                flags.add(FiringFlag.CUT_OFF);
            } else {
                channels.add(channel(one.channel(), one.measured().get(), seen, flags));
            }
        }
        double start = on.stream().mapToDouble(OnChannel::from).min().orElseThrow();
        double end = on.stream().mapToDouble(OnChannel::to).max().orElseThrow();
        Optional<Curtains> curtains =
                setup.kind() == StandSetup.Kind.FOCAL_PLANE ? curtains(channels, on) : Optional.empty();
        if (setup.kind() == StandSetup.Kind.FOCAL_PLANE) {
            narrow(channels, curtains, flags);
            boolean missing = channels.size() < Math.min(setup.sensors().size(), seen.size());
            if (missing && !flags.contains(FiringFlag.CUT_OFF)) {
                flags.add(FiringFlag.CAPPED);
            }
        }
        boolean cut = flags.contains(FiringFlag.CUT_OFF) || channels.isEmpty();
        // without a level from a wider slit its own peak is all there is, and that is not the lamp's
        boolean unknownLevel = flags.contains(FiringFlag.SLIT_NARROWER_THAN_SENSOR)
                && on.stream()
                        .flatMap(one -> one.measured().stream())
                        .anyMatch(one -> one.timed().touching() && one.shared().isEmpty());
        Optional<FiringFound.OnChannel> main = cut ? Optional.empty() : Optional.of(mainOf(channels));
        return new FiringFound(
                index,
                start,
                end,
                main.isPresent() && !flags.contains(FiringFlag.CAPPED) && !unknownLevel,
                flags,
                channels,
                main.map(FiringFound.OnChannel::exposureSeconds),
                main.map(FiringFound.OnChannel::uncertaintySeconds),
                curtains);
    }

    /** For a leaf shutter the channel that saw it best; for curtains the sensor nearest to the middle of the gate. */
    private FiringFound.OnChannel mainOf(List<FiringFound.OnChannel> channels) {
        if (setup.kind() == StandSetup.Kind.FOCAL_PLANE && setup.sensors().size() >= 2) {
            double middle = setup.gateMm()
                    .map(gate -> gate / 2)
                    .orElse(setup.sensors().stream()
                            .mapToDouble(StandSetup.Sensor::positionMm)
                            .average()
                            .orElseThrow());
            return channels.stream()
                    .filter(one -> one.channel() <= setup.sensors().size())
                    .min(Comparator.comparingDouble(one ->
                            Math.abs(setup.sensors().get(one.channel() - 1).positionMm() - middle)))
                    .orElse(channels.getFirst());
        }
        return channels.stream()
                .min(Comparator.comparingDouble(FiringFound.OnChannel::uncertaintySeconds))
                .orElseThrow();
    }

    private FiringFound.OnChannel channel(
            int channel, ChannelTrace.Measured one, List<Seen> seen, Set<FiringFlag> flags) {
        ChannelTrace trace = seen.stream()
                .map(Seen::trace)
                .filter(candidate -> candidate.channel() == channel)
                .findFirst()
                .orElseThrow();
        Pulse.Timed timed = one.timed();
        if (one.clipped()) {
            flags.add(FiringFlag.CLIPPED);
        }
        if (!trace.coupling().isDirect() && !one.pulse().isOnePiece()) {
            flags.add(FiringFlag.AC_TIMED_BY_EDGES);
        }
        one.bounce().ifPresent(bounce -> flags.add(FiringFlag.BOUNCE));
        if (trace.hum()
                .filter(hum -> hum.amplitude() > HUM_MATTERS * trace.main())
                .isPresent()) {
            flags.add(FiringFlag.HUM);
        }
        if (one.lamp().flatMap(LampLevel::rippleHz).isPresent()) {
            flags.add(FiringFlag.RIPPLE);
        }
        boolean low = one.staysLow();
        if (setup.kind() == StandSetup.Kind.LEAF && (low || timed.touching())) {
            flags.add(FiringFlag.NOT_FULLY_OPEN);
        }
        if (setup.kind() == StandSetup.Kind.FOCAL_PLANE && low) {
            flags.add(FiringFlag.SLIT_NARROWER_THAN_SENSOR);
        }
        long upwards = trace.lit().stream().filter(Lit::upwards).count();
        if (one.lit().upwards() != upwards * 2 >= trace.lit().size()) {
            flags.add(FiringFlag.POLARITY_CHANGES);
        }
        double uncertainty = one.clipped()
                ? Math.hypot(
                        timed.uncertaintySeconds(), 0.15 * (timed.openRampSeconds() + timed.closeRampSeconds()) / 2)
                : timed.uncertaintySeconds();
        return new FiringFound.OnChannel(
                channel + 1,
                timed.exposureSeconds(),
                uncertainty,
                timed.openSeconds(),
                timed.closeSeconds(),
                timed.openRampSeconds(),
                timed.closeRampSeconds(),
                one.bounce().map(bounce -> new FiringFound.Rebound(bounce.atSeconds(), bounce.relative())));
    }

    private Optional<Curtains> curtains(List<FiringFound.OnChannel> channels, List<OnChannel> on) {
        List<CurtainMotion.AtSensor> sensors = new ArrayList<>();
        for (FiringFound.OnChannel one : channels) {
            if (one.channel() <= setup.sensors().size()) {
                double edge = on.stream()
                        .filter(candidate -> candidate.channel() == one.channel() - 1)
                        .flatMap(candidate -> candidate.measured().stream())
                        .mapToDouble(measured -> measured.timed().edgeUncertaintySeconds())
                        .max()
                        .orElse(0);
                sensors.add(new CurtainMotion.AtSensor(
                        setup.sensors().get(one.channel() - 1).positionMm(),
                        one.openEdgeSeconds(),
                        one.closeEdgeSeconds(),
                        edge));
            }
        }
        sensors.sort(Comparator.comparingDouble(CurtainMotion.AtSensor::placeMm));
        double gate = setup.gateMm()
                .orElse(setup.sensors().stream()
                                .mapToDouble(StandSetup.Sensor::positionMm)
                                .max()
                                .orElse(0)
                        + setup.sensors().stream()
                                .mapToDouble(StandSetup.Sensor::positionMm)
                                .min()
                                .orElse(0));
        double from = on.stream().mapToDouble(OnChannel::from).min().orElse(0);
        double to = on.stream().mapToDouble(OnChannel::to).max().orElse(0);
        return gate > 0 ? CurtainMotion.of(sensors, gate, contactBetween(from, to)) : Optional.empty();
    }

    /** When the flash contact first changes around a firing. */
    private Optional<Double> contactBetween(double from, double to) {
        if (contact.isEmpty()) {
            return Optional.empty();
        }
        int channel = contact.getAsInt();
        Steps steps = Steps.of(coarse.means()[channel], coarse.blockSeconds(), coarse.noise(channel));
        return steps.above(0.5).stream()
                .map(step -> step.at() * coarse.blockSeconds())
                .filter(at -> at > from - SAME_FIRING_SECONDS && at < to + SAME_FIRING_SECONDS)
                .findFirst();
    }

    /** A slit under 1.3 times the sensor's width lights it only in part. */
    private void narrow(List<FiringFound.OnChannel> channels, Optional<Curtains> curtains, Set<FiringFlag> flags) {
        for (FiringFound.OnChannel one : channels) {
            double passes = curtains.isPresent()
                            && one.channel() <= setup.sensors().size()
                    ? setup.sensors().get(one.channel() - 1).widthMm() / speed(curtains.get(), one.channel() - 1)
                    : (one.openRampSeconds() + one.closeRampSeconds()) / 2 / 0.8;
            if (one.exposureSeconds() < 1.3 * passes) {
                flags.add(FiringFlag.SLIT_NARROWER_THAN_SENSOR);
            }
        }
        if (curtains.stream().flatMap(one -> one.places().stream()).anyMatch(place -> place.exposureSeconds() <= 0)) {
            flags.add(FiringFlag.CAPPED);
        }
    }

    private double speed(Curtains curtains, int sensor) {
        double part = setup.sensors().get(sensor).positionMm() / curtains.gateMm();
        return curtains.trailing().startSpeed()
                + part * (curtains.trailing().endSpeed() - curtains.trailing().startSpeed());
    }
}
