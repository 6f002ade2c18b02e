package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

/**
 * Recordings of a microphone: the click of opening and the click of closing. They tell the slow speeds only, and with a
 * doubt of milliseconds, since blades make their noise before or after they let the light through.
 */
final class SoundAnalysis {
    /** A click stands out of the quiet by so much in power. */
    private static final double OUT_OF_QUIET = 30;

    /** And is no weaker than this part of the loudest, in power: about 18 dB. */
    private static final double OF_LOUDEST = 0.016;

    /** A click rings in the body for about so long, and blades may strike twice in it. */
    private static final double RINGS_SECONDS = 0.012;

    /** As a part of the power of the click, 8 dB: what stays louder than that is its own ring. */
    private static final double QUIETER_AGAIN = 0.15;

    /** Blades strike up to so long before or after they let the light through; one standard deviation. */
    private static final double DOUBT_SECONDS = 0.0015;

    /** Two clicks closer than a ring of one cannot be told apart. */
    private static final double FASTEST_SECONDS = 0.012;

    /** Few dials go beyond 2 s, and these mostly say so beforehand. */
    private static final double LIKELY_LONGEST_SECONDS = 2.5;

    private final StandSetup setup;
    private final Loudness loudness;

    SoundAnalysis(StandSetup setup, Loudness loudness) {
        this.setup = setup;
        this.loudness = loudness;
    }

    MeasuredRecording found() {
        List<Double> clicks = clicks();
        List<FiringFound> firings = new ArrayList<>();
        double doubt = Math.hypot(DOUBT_SECONDS, loudness.blockSeconds()) * Math.sqrt(2);
        for (List<Double> one : together(clicks)) {
            double seconds = one.getLast() - one.getFirst();
            if (seconds >= FASTEST_SECONDS) {
                FiringFound.OnChannel on = new FiringFound.OnChannel(
                        1, seconds, doubt, one.getFirst(), one.getLast(), 0, 0, Optional.empty());
                firings.add(new FiringFound(
                        firings.size() + 1,
                        one.getFirst(),
                        one.getLast(),
                        true,
                        EnumSet.of(FiringFlag.BY_EAR),
                        List.of(on),
                        Optional.of(seconds),
                        Optional.of(doubt),
                        Optional.empty()));
            }
        }
        if (firings.isEmpty()) {
            throw new RecordingProblem(
                    LightAnalysis.NO_FIRING,
                    clicks.isEmpty()
                            ? "No click stands out above the noise of the room."
                            : "Opening and closing cannot be told apart by their sound.",
                    "Sound works from 1 s to about 1/30. Hold the microphone close to the shutter, or measure with light.");
        }
        double loudest = 0;
        for (double block : loudness.blocks()) {
            loudest = Math.max(loudest, block);
        }
        double snr = 10 * Math.log10(loudest / Math.max(1e-20, loudness.floor()));
        MeasuredRecording.Input input = new MeasuredRecording.Input(
                false,
                Optional.empty(),
                Optional.empty(),
                false,
                snr,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                loudness.rateHz());
        return new MeasuredRecording(
                TraceAnalysis.VERSION,
                loudness.seconds(),
                firings,
                input,
                List.of("Timed by sound: good to a few milliseconds, for the slow speeds only."));
    }

    /** When clicks begin, seconds. */
    private List<Double> clicks() {
        double[] blocks = loudness.blocks();
        double loudest = 0;
        for (double block : blocks) {
            loudest = Math.max(loudest, block);
        }
        double least = Math.max(OUT_OF_QUIET * loudness.floor(), OF_LOUDEST * loudest);
        List<Double> clicks = new ArrayList<>();
        int rings = (int) (RINGS_SECONDS / loudness.blockSeconds());
        int at = 0;
        while (loudest > 0 && at < blocks.length) {
            if (blocks[at] < least) {
                at++;
                continue;
            }
            clicks.add(at * loudness.blockSeconds());
            double peak = 0;
            int end = Math.min(blocks.length, at + rings);
            for (; at < end; at++) {
                peak = Math.max(peak, blocks[at]);
            }
            // still ringing: wait until it is quieter, or a new click would be heard in every ring
            while (at < blocks.length && blocks[at] > Math.max(least / 2, QUIETER_AGAIN * peak)) {
                at++;
            }
        }
        return clicks;
    }

    /** Clicks of one firing lie closer together than firings do. */
    private List<List<Double>> together(List<Double> clicks) {
        double apart =
                setup.nominalSeconds().map(nominal -> 1.7 * nominal + 0.05).orElseGet(() -> pause(clicks));
        List<List<Double>> firings = new ArrayList<>();
        for (double click : clicks) {
            if (firings.isEmpty() || click - firings.getLast().getFirst() > apart) {
                firings.add(new ArrayList<>());
            }
            firings.getLast().add(click);
        }
        return firings;
    }

    /** Where the pauses between clicks fall into short ones and long ones; the longest likely exposure if they do not. */
    private static double pause(List<Double> clicks) {
        List<Double> pauses = new ArrayList<>();
        for (int i = 1; i < clicks.size(); i++) {
            pauses.add(clicks.get(i) - clicks.get(i - 1));
        }
        pauses.sort(null);
        double widest = 1.5;
        double found = LIKELY_LONGEST_SECONDS;
        for (int i = 1; i < pauses.size(); i++) {
            double ratio = pauses.get(i) / Math.max(1e-3, pauses.get(i - 1));
            if (ratio > widest && pauses.get(i) > 0.1) {
                widest = ratio;
                found = Math.sqrt(pauses.get(i) * pauses.get(i - 1));
            }
        }
        return found;
    }
}
