package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.trade.StandSetup;

/** Recordings of light: leaf and focal-plane shutters. */
final class LightAnalysis {
    /** Deeper than this no plateau is left to tell the level of an edge by; filament lamps ripple by 5 to 15 %. */
    private static final double MOST_RIPPLE = 0.30;

    /** Of a refusal. */
    static final String NO_FIRING = "noFiring";

    private final StandSetup setup;
    private final Coarse coarse;
    private final OptionalInt contact;
    private final double begins;

    /**
     * @param columns what the channels are called; one that speaks of a contact is a flash contact's, not a sensor's
     * @param begins when this stretch begins in the whole recording, seconds
     */
    LightAnalysis(StandSetup setup, Coarse coarse, List<String> columns, double begins) {
        this.begins = begins;
        this.setup = setup;
        this.coarse = coarse;
        this.contact = IntStream.range(0, columns.size())
                .filter(channel -> columns.get(channel).toLowerCase(Locale.ROOT).contains("contact"))
                .findFirst();
    }

    MeasuredRecording of(RecordingSource source) {
        List<SeenChannel> seen = seen(source);
        InputFound input = new InputFound(setup, coarse, seen, begins);
        if (input.surelyRipplesBy() > MOST_RIPPLE) {
            throw tooMuchRipple("The lamp ripples by %.0f %% with the mains.".formatted(100 * input.rippleDepth()));
        }
        return new MeasuredRecording(
                TraceAnalysis.VERSION,
                coarse.seconds(),
                firings(seen).found(),
                input.input(),
                input.warnings(channels().boxed().toList()));
    }

    private LightFirings firings(List<SeenChannel> seen) {
        return new LightFirings(
                setup,
                coarse.blockSeconds(),
                seen,
                this::contactBetween,
                (channel, from, to) -> anyLight(seen, channel, from, to));
    }

    /** The channels that show firings, with these measured. */
    private List<SeenChannel> seen(RecordingSource source) {
        List<ChannelTrace> speaking = speaking(false);
        if (speaking.isEmpty()) {
            throw noFiring();
        }
        if (speaking.stream().anyMatch(trace -> trace.flickers(coarse.blockSeconds()))) {
            throw tooMuchRipple("The lamp flickers on and off with the mains.");
        }
        List<SeenChannel> seen = measured(speaking, source);
        boolean spoiled = seen.stream()
                .anyMatch(one -> one.clipped() && !one.trace().coupling().isDirect());
        // a plateau that is cut spoils the area by which the coupling was found
        return spoiled ? measured(speaking(true), source) : seen;
    }

    private static RecordingProblem tooMuchRipple(String message) {
        return new RecordingProblem("rippleTooStrong", message, "Use a lamp that runs on a battery or direct current.");
    }

    private IntStream channels() {
        return IntStream.range(0, coarse.means().length)
                .filter(channel -> contact.isEmpty() || contact.getAsInt() != channel);
    }

    private List<ChannelTrace> speaking(boolean clipped) {
        return channels()
                .parallel()
                .mapToObj(channel -> ChannelTrace.of(coarse, channel, setup, clipped))
                .filter(trace -> !trace.isSilent())
                .toList();
    }

    private List<SeenChannel> measured(List<ChannelTrace> traces, RecordingSource source) {
        List<Pieces.Wanted> wanted =
                traces.stream().flatMap(trace -> trace.wanted(coarse).stream()).toList();
        List<Progress> progress = traces.stream().map(Progress::new).toList();
        Pieces.read(source, wanted, pieces -> {
            progress.parallelStream().forEach(one -> one.goOn(pieces));
            return progress.stream().mapToLong(Progress::needsFrom).min().orElse(Long.MAX_VALUE);
        });
        return progress.stream()
                .map(one -> new SeenChannel(
                        one.trace,
                        one.trace.measure(one.ready, Passing.of(setup, one.trace, traces, coarse.blockSeconds()))))
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
                long end = Math.min(coarse.frames(), (long) (lit.again() + 1) * coarse.blockFrames());
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
                NO_FIRING,
                "No firing was found in the recording.",
                "Check that the lamp shines on the sensor through the open shutter and that the level moves, then record again.");
    }

    /** The light of one firing as it was timed, channel by channel; none for a firing that is not there. */
    List<FiringLight> lightOf(RecordingSource source, int index) {
        return firings(seen(source)).light(index);
    }

    /** Light of less than a firing's in a channel: a narrow slit before a wide sensor leaves little of it. */
    private boolean anyLight(List<SeenChannel> seen, int channel, double from, double to) {
        ChannelTrace trace = seen.stream()
                .map(SeenChannel::trace)
                .filter(one -> one.channel() == channel)
                .findFirst()
                .orElseThrow();
        float[] blocks = trace.calm(coarse);
        int around = (int) (LightFirings.SAME_FIRING_SECONDS / coarse.blockSeconds());
        int begin = Math.clamp((int) (from / coarse.blockSeconds()) - around, 0, blocks.length);
        int end = Math.clamp((int) (to / coarse.blockSeconds()) + around, begin, blocks.length);
        Steps steps = Steps.of(Arrays.copyOfRange(blocks, begin, end), coarse.blockSeconds(), trace.blockNoise());
        return steps.areSure();
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
                .filter(at ->
                        at > from - LightFirings.SAME_FIRING_SECONDS && at < to + LightFirings.SAME_FIRING_SECONDS)
                .findFirst();
    }
}
