package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.hipparchus.stat.descriptive.rank.Median;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

/** What the channels of a recording saw, put together into firings, with all that is to be said of each. */
final class LightFirings {
    /** Sensors see one firing within the travel of the curtains, and no hand fires twice within it. */
    static final double SAME_FIRING_SECONDS = 0.08;

    /** One camera's curtains gain alike from firing to firing, as they are seen by other sensors. */
    private static final double BORROWED_DOUBT = 0.1;

    /** Standard deviations. */
    private static final double SURE = 2;

    /** Undoing a second stage of coupling leaves so much more than noise. */
    private static final double TWICE_COUPLED = 1.5;

    private final StandSetup setup;
    private final double blockSeconds;
    private final List<SeenChannel> seen;
    private final BiFunction<Double, Double, Optional<Double>> contactBetween;
    private final AnyLight anyLight;

    /** Whether a channel saw any light between two times, too little of it for a firing of its own. */
    interface AnyLight {
        boolean in(int channel, double from, double to);
    }

    /**
     * @param contactBetween when the flash contact closes between two times, as far as it was recorded
     * @param anyLight asked of channels that show nothing to time
     */
    LightFirings(
            StandSetup setup,
            double blockSeconds,
            List<SeenChannel> seen,
            BiFunction<Double, Double, Optional<Double>> contactBetween,
            AnyLight anyLight) {
        this.setup = setup;
        this.blockSeconds = blockSeconds;
        this.seen = seen;
        this.contactBetween = contactBetween;
        this.anyLight = anyLight;
    }

    List<FiringFound> found() {
        List<List<OnChannel>> together = together();
        List<FiringFound> firings = firings(together, CurtainMotion.Gain.USUAL);
        return gain(firings).map(known -> firings(together, known)).orElse(firings);
    }

    private List<FiringFound> firings(List<List<OnChannel>> together, CurtainMotion.Gain gain) {
        List<FiringFound> firings = new ArrayList<>();
        for (List<OnChannel> one : together) {
            firings.add(firing(firings.size() + 1, one, gain));
        }
        return firings;
    }

    /** What firings that three sensors saw tell of those that only two saw; empty where there are not both. */
    private static Optional<CurtainMotion.Gain> gain(List<FiringFound> firings) {
        List<Curtains> three = firings.stream()
                .filter(one -> one.channels().size() >= 3)
                .flatMap(one -> one.curtains().stream())
                .toList();
        boolean two = firings.stream().anyMatch(one -> one.channels().size() == 2);
        if (three.isEmpty() || !two) {
            return Optional.empty();
        }
        return Optional.of(new CurtainMotion.Gain(
                median(three, Curtains::leading), median(three, Curtains::trailing), BORROWED_DOUBT));
    }

    private static double median(List<Curtains> curtains, Function<Curtains, Curtains.Run> which) {
        return new Median()
                .evaluate(curtains.stream()
                        .map(which)
                        .mapToDouble(
                                run -> 2 * (run.endSpeed() - run.startSpeed()) / (run.endSpeed() + run.startSpeed()))
                        .toArray());
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
        all.removeIf(one -> spansSeveral(one, all));
        all.sort(Comparator.comparingDouble(OnChannel::from));
        List<List<OnChannel>> firings = new ArrayList<>();
        double reaches = Double.NEGATIVE_INFINITY;
        for (OnChannel one : all) {
            if (one.from() > reaches + SAME_FIRING_SECONDS) {
                firings.add(new ArrayList<>());
                reaches = Double.NEGATIVE_INFINITY;
            }
            // a channel sees a firing once; what else it saw then belongs to the light that came back
            boolean again = firings.getLast().stream().anyMatch(other -> other.channel() == one.channel());
            if (!again) {
                firings.getLast().add(one);
            }
            reaches = Math.max(reaches, one.to());
        }
        firings.forEach(firing -> firing.sort(Comparator.comparingInt(OnChannel::channel)));
        return firings;
    }

    /**
     * Whether the curtains meet within the gate: beyond what three sensors' times leave open, or as far as two tell, since then
     * the third may be the one that got no light.
     */
    private static boolean meet(Curtains curtains, int sensors) {
        if (sensors < 3) {
            return curtains.places().stream().anyMatch(place -> place.exposureSeconds() <= 0);
        }
        double doubt = Math.hypot(
                curtains.leading().uncertaintySeconds(), curtains.trailing().uncertaintySeconds());
        return curtains.places().stream().anyMatch(place -> place.exposureSeconds() < -SURE * doubt);
    }

    /** What comes out as no time, or as none that could be said how well it is known, is no exposure. */
    private static boolean isTimed(FiringFound.OnChannel one) {
        return one.exposureSeconds() > 0
                && Double.isFinite(one.exposureSeconds())
                && Double.isFinite(one.uncertaintySeconds())
                && Double.isFinite(one.openEdgeSeconds());
    }

    /** Whether a channel missed the dark between two firings that another one saw. */
    private static boolean spansSeveral(OnChannel one, List<OnChannel> all) {
        return all.stream()
                .map(OnChannel::channel)
                .distinct()
                .filter(channel -> channel != one.channel())
                .anyMatch(channel -> {
                    List<OnChannel> within = all.stream()
                            .filter(other ->
                                    other.channel() == channel && other.to() > one.from() && other.from() < one.to())
                            .sorted(Comparator.comparingDouble(OnChannel::from))
                            .toList();
                    return within.size() > 1
                            && within.getLast().from() - within.getFirst().to() > SAME_FIRING_SECONDS;
                });
    }

    private FiringFound firing(int index, List<OnChannel> on, CurtainMotion.Gain gain) {
        Set<FiringFlag> flags = EnumSet.noneOf(FiringFlag.class);
        List<FiringFound.OnChannel> channels = new ArrayList<>();
        for (OnChannel one : on) {
            if (one.measured().isEmpty()) {
                flags.add(FiringFlag.CUT_OFF);
            } else {
                FiringFound.OnChannel found =
                        channel(one.channel(), one.measured().get(), flags);
                if (isTimed(found)) {
                    channels.add(found);
                }
            }
        }
        double start = on.stream().mapToDouble(OnChannel::from).min().orElseThrow();
        double end = on.stream().mapToDouble(OnChannel::to).max().orElseThrow();
        Optional<Curtains> curtains =
                setup.kind() == StandSetup.Kind.FOCAL_PLANE ? curtains(channels, on, gain) : Optional.empty();
        boolean missing = false;
        if (setup.kind() == StandSetup.Kind.FOCAL_PLANE) {
            narrow(on, curtains, flags);
            missing = channels.size() < Math.min(setup.sensors().size(), seen.size());
            if (missing && !flags.contains(FiringFlag.CUT_OFF)) {
                boolean faint = seen.stream()
                        .map(one -> one.trace().channel())
                        .filter(channel -> on.stream().noneMatch(one -> one.channel() == channel))
                        .allMatch(channel -> anyLight.in(channel, start, end));
                flags.add(faint ? FiringFlag.SLIT_NARROWER_THAN_SENSOR : FiringFlag.CAPPED);
            }
        }
        boolean cut = flags.contains(FiringFlag.CUT_OFF) || channels.isEmpty();
        // without a level from a wider slit its own peak is all there is, and that is not the lamp's
        boolean unknownLevel = on.stream()
                .flatMap(one -> one.measured().stream())
                .anyMatch(one -> one.slit() == ChannelTrace.Slit.UNKNOWN);
        Optional<FiringFound.OnChannel> main = cut ? Optional.empty() : Optional.of(mainOf(channels));
        return new FiringFound(
                index,
                start,
                end,
                main.isPresent() && !flags.contains(FiringFlag.CAPPED) && !unknownLevel && !missing,
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
        if (setup.kind() == StandSetup.Kind.LEAF && low) {
            flags.add(FiringFlag.NOT_FULLY_OPEN);
        }
        long upwards = trace.lit().stream().filter(Lit::upwards).count();
        if (one.lit().upwards() != upwards * 2 >= trace.lit().size()) {
            flags.add(FiringFlag.POLARITY_CHANGES);
        }
        double uncertainty = timed.uncertaintySeconds() * (trace.coupling().second() == 0 ? 1 : TWICE_COUPLED);
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

    private Optional<Curtains> curtains(
            List<FiringFound.OnChannel> channels, List<OnChannel> on, CurtainMotion.Gain gain) {
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
        return gate > 0 ? CurtainMotion.of(sensors, gate, gain, contactBetween.apply(from, to)) : Optional.empty();
    }

    /** A slit is narrower than its sensor where it never lights all of it, and may be where nothing tells. */
    private void narrow(List<OnChannel> on, Optional<Curtains> curtains, Set<FiringFlag> flags) {
        boolean narrow = on.stream()
                .flatMap(one -> one.measured().stream())
                .anyMatch(one -> one.slit() == ChannelTrace.Slit.UNKNOWN
                        || one.slit() == ChannelTrace.Slit.AGAINST_OTHERS && one.staysLow());
        if (narrow) {
            flags.add(FiringFlag.SLIT_NARROWER_THAN_SENSOR);
        }
        if (curtains.filter(one -> meet(one, on.size())).isPresent()) {
            flags.add(FiringFlag.CAPPED);
        }
    }
}
