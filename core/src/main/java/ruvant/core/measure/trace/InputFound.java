package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ruvant.core.trade.StandSetup;

/** How the signal came in, and what may be mended about it. */
final class InputFound {
    /** As a part of the mean light: a short exposure on its crest is off by 0.03 stops, about what one firing tells. */
    private static final double RIPPLE_MATTERS = 0.02;

    /** Standard deviations. */
    private static final double SURE = 4;

    /** What several channels hear within it is one knock. */
    private static final double SAME_KNOCK_SECONDS = 0.02;

    /** So many are named, the others counted as more. */
    private static final int MOST_TIMES = 3;

    private final StandSetup setup;
    private final Coarse coarse;
    private final List<SeenChannel> seen;
    private final Optional<LampLevel> ripple;
    private final double begins;

    InputFound(StandSetup setup, Coarse coarse, List<SeenChannel> seen, double begins) {
        this.begins = begins;
        this.setup = setup;
        this.coarse = coarse;
        this.seen = seen;
        this.ripple = ripple(seen);
    }

    /** Amplitude of the lamp's ripple as a part of its mean light, 0 for none. */
    double rippleDepth() {
        return ripple.map(LampLevel::rippleDepth).orElse(0.0);
    }

    /** By how much it ripples at least, as far as noise lets it be told. */
    double surelyRipplesBy() {
        return ripple.map(one -> one.rippleDepth() - SURE * one.rippleUncertainty())
                .orElse(0.0);
    }

    /** As the channel tells it that stands out of its noise best. */
    MeasuredRecording.Input input() {
        ChannelTrace best = seen.stream()
                .map(SeenChannel::trace)
                .max(Comparator.comparingDouble(trace -> trace.main() / Math.max(1e-12, trace.blockNoise())))
                .orElseThrow();
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
                best.hum().map(Hum::nominalHz),
                best.hum().map(hum -> hum.amplitude() / best.main()),
                coarse.rateHz());
    }

    /**
     * What was odd and may be mended, in words.
     *
     * @param channels all that are a sensor's, from 0
     */
    List<String> warnings(List<Integer> channels) {
        List<String> warnings = new ArrayList<>();
        for (int channel : channels) {
            boolean speaks = seen.stream().anyMatch(one -> one.trace().channel() == channel);
            boolean hasSensor = channel < Math.max(1, setup.sensors().size());
            if (!speaks && channels.size() > 1 && hasSensor) {
                warnings.add("Channel " + (channel + 1) + " shows no firing: check its sensor and plug.");
            }
        }
        if (rippleDepth() > RIPPLE_MATTERS) {
            warnings.add(
                    "The lamp ripples by %.0f %% with the mains. The ripple was removed, but a battery lamp measures better."
                            .formatted(100 * rippleDepth()));
        }
        seen.stream()
                .map(SeenChannel::trace)
                .filter(ChannelTrace::hums)
                .findFirst()
                .ifPresent(trace -> warnings.add("The mains hum in channel " + (trace.channel() + 1)
                        + ". It was removed. Keep the cable away from mains leads."));
        knocks().ifPresent(at -> warnings.add(
                ("Something knocked on the cable or the plug at %s. It was left out. Lay the cable so that nothing moves it,"
                                + " and let nobody touch the plug while recording.")
                        .formatted(at)));
        seen.stream()
                .flatMap(one -> one.fall().stream())
                .max(Comparator.naturalOrder())
                .ifPresent(fall -> warnings.add(
                        ("The input turned itself down by %.0f %% while it was light. Switch off its automatic level (also called gain"
                                        + " control or voice enhancement) in the sound settings, and record again.")
                                .formatted(100 * fall)));
        if (seen.stream().anyMatch(SeenChannel::clipped)) {
            warnings.add("The input is overdriven: turn its level down until the meter stays out of the red.");
        }
        if (seen.stream()
                .anyMatch(one ->
                        one.trace().lit().stream().map(Lit::upwards).distinct().count() > 1)) {
            warnings.add("Light goes up in some firings and down in others. Was a plug reversed in between?");
        }
        if (setup.kind() == StandSetup.Kind.FOCAL_PLANE && setup.sensors().size() > channels.size()) {
            warnings.add("The recording has " + channels.size() + " channels for "
                    + setup.sensors().size()
                    + " sensors; an input with as many channels is needed to see how the curtains run.");
        }
        return warnings;
    }

    /** When something knocked, in words; the first few times. */
    private Optional<String> knocks() {
        List<Double> times = seen.stream()
                .map(SeenChannel::trace)
                .flatMap(trace -> trace.knocks().stretches().stream()
                        .map(one -> begins + one.from() * trace.knocks().blockSeconds()))
                .sorted()
                .toList();
        List<String> words = new ArrayList<>();
        double before = Double.NEGATIVE_INFINITY;
        for (double time : times) {
            if (time - before > SAME_KNOCK_SECONDS) {
                words.add("%.2f s".formatted(time));
            }
            before = time;
        }
        if (words.size() > MOST_TIMES) {
            words = new ArrayList<>(words.subList(0, MOST_TIMES));
            words.add("more");
        }
        return words.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        words.size() == 1
                                ? words.getFirst()
                                : String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.getLast());
    }

    private static Optional<LampLevel> ripple(List<SeenChannel> seen) {
        return seen.stream()
                .flatMap(one -> one.measured().stream())
                .flatMap(one -> one.lamp().stream())
                .filter(level -> level.rippleHz().isPresent())
                .sorted(Comparator.comparingDouble(LampLevel::relativeUncertainty))
                .findFirst();
    }
}
