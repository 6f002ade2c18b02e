package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

/** What the channels of a recording saw, put together into firings, with all that is to be said of each. */
final class LightFirings {
    /** Sensors see one firing within the travel of the curtains, and no hand fires twice within it. */
    static final double SAME_FIRING_SECONDS = 0.08;

    /** Undoing a second stage of coupling leaves so much more than noise. */
    private static final double TWICE_COUPLED = 1.5;

    private final StandSetup setup;
    private final double blockSeconds;
    private final List<SeenChannel> seen;
    private final BiFunction<Double, Double, Optional<Double>> contactBetween;

    /** @param contactBetween when the flash contact closes between two times, as far as it was recorded */
    LightFirings(
            StandSetup setup,
            double blockSeconds,
            List<SeenChannel> seen,
            BiFunction<Double, Double, Optional<Double>> contactBetween) {
        this.setup = setup;
        this.blockSeconds = blockSeconds;
        this.seen = seen;
        this.contactBetween = contactBetween;
    }

    List<FiringFound> found() {
        List<FiringFound> firings = new ArrayList<>();
        for (List<OnChannel> one : together()) {
            firings.add(firing(firings.size() + 1, one));
        }
        return firings;
    }

    /** The light of one firing as it was timed, channel by channel; none for a firing that is not there. */
    List<FiringLight> light(int index) {
        List<List<OnChannel>> firings = together();
        if (index < 1 || index > firings.size()) {
            return List.of();
        }
        return firings.get(index - 1).stream()
                .flatMap(one -> one.measured().map(measured -> FiringLight.of(one.channel() + 1, measured)).stream())
                .toList();
    }

    /** A firing as one channel saw it, cut ones with their stretch only. */
    private record OnChannel(int channel, double from, double to, Optional<ChannelTrace.Measured> measured) {}

    /** What the channels saw, put together firing by firing, in order of time. */
    private List<List<OnChannel>> together() {
        List<OnChannel> all = new ArrayList<>();
        for (SeenChannel one : seen) {
            for (ChannelTrace.Measured measured : one.measured()) {
                all.add(new OnChannel(
                        one.trace().channel(),
                        measured.timed().openSeconds(),
                        measured.timed().closeSeconds(),
                        Optional.of(measured)));
            }
            for (Lit lit : one.trace().lit()) {
                if (lit.cut()) {
                    all.add(new OnChannel(
                            one.trace().channel(),
                            lit.from() * blockSeconds,
                            lit.to() * blockSeconds,
                            Optional.empty()));
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

    private FiringFound firing(int index, List<OnChannel> on) {
        Set<FiringFlag> flags = EnumSet.noneOf(FiringFlag.class);
        List<FiringFound.OnChannel> channels = new ArrayList<>();
        for (OnChannel one : on) {
            if (one.measured().isEmpty()) {
                flags.add(FiringFlag.CUT_OFF);
            } else {
                channels.add(channel(one.channel(), one.measured().get(), flags));
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

    private FiringFound.OnChannel channel(int channel, ChannelTrace.Measured one, Set<FiringFlag> flags) {
        ChannelTrace trace = seen.stream()
                .map(SeenChannel::trace)
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
        if (trace.hums()) {
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
                : timed.uncertaintySeconds() * (trace.coupling().second() == 0 ? 1 : TWICE_COUPLED);
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
        return gate > 0 ? CurtainMotion.of(sensors, gate, contactBetween.apply(from, to)) : Optional.empty();
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
