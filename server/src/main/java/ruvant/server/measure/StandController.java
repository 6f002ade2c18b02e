package ruvant.server.measure;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.measure.live.LiveStand;
import ruvant.core.measure.trace.Shots;
import ruvant.core.people.Right;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInShutter;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.Check;
import ruvant.core.units.ExposureEv;
import ruvant.core.units.FieldProblem;
import ruvant.server.access.Needs;

/** The stand that listens: samples in, firings out. What is counted the job's log says, not this. */
@RestController
@Needs(Right.BENCH)
@RequestMapping(path = "/api/stand", produces = MediaType.APPLICATION_JSON_VALUE)
class StandController {
    private static final int MOST_BYTES = 16 << 20;

    private final StandSessions sessions;
    private final RecordingStore recordings;

    StandController(StandSessions sessions, RecordingStore recordings) {
        this.sessions = sessions;
        this.recordings = recordings;
    }

    /** A stand to be listened to; its setup names the channels' sensors. */
    record Listening(StandSetup setup, double rateHz, int channels) {}

    /** Under which it listens. */
    record Session(UUID id) {}

    /** What came of a stretch of samples: levels of the channels, 0 to 1, and firings that have ended. */
    record Heard(List<Double> peaks, boolean clipping, boolean lit, List<CaughtFiring> caught) {}

    /**
     * A firing that has ended.
     *
     * @param shot as it would be logged; empty for one that may not be counted
     * @param errorEv against the speed that is set, stops
     * @param recording under which its samples are kept
     * @param said what is to be known about it, in words
     * @param input how the signal came in, as this firing tells it
     */
    record CaughtFiring(
            Optional<MeasuredFiring> shot,
            Optional<Double> errorEv,
            String recording,
            int analysis,
            List<String> said,
            HeardInput input) {}

    /** Whether the input lets only changes through, and from where on; a cut-off only where it does. */
    record HeardInput(boolean coupled, Optional<Double> cutoffHz) {}

    /** One firing of the stand-in. */
    record Simulated(double nominalSeconds, StandInShutter shutter) {}

    @PostMapping("/sessions")
    Session open(@RequestBody Listening listening) {
        Check.chosen("setup", listening.setup());
        Check.within("rateHz", listening.rateHz(), 8_000, 384_000, "Hz");
        Check.count("channels", listening.channels(), 1, 4);
        return new Session(sessions.open(listening.setup(), listening.rateHz(), listening.channels()));
    }

    /** Samples as 32-bit floats, little end first, the channels' samples in turn. */
    @PostMapping(path = "/sessions/{id}/samples", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    Heard samples(@PathVariable UUID id, @RequestParam double nominalSeconds, @RequestBody byte[] bytes) {
        StandSessions.Session session = session(id);
        int frames = bytes.length / 4 / session.channels;
        if (frames == 0 || bytes.length > MOST_BYTES) {
            throw new FieldProblem(
                    "samples",
                    "There were no samples, or too many at once.",
                    "Send a few tenths of a second at a time.");
        }
        ByteBuffer values = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        float[][] samples = new float[session.channels][frames];
        for (int i = 0; i < frames; i++) {
            for (int channel = 0; channel < session.channels; channel++) {
                float value = values.getFloat();
                samples[channel][i] = Float.isFinite(value) ? value : 0;
            }
        }
        return heard(session, samples, nominalSeconds);
    }

    /** Fires the stand-in; its signal goes the way of any other. */
    @PostMapping("/sessions/{id}/stand-in")
    Heard simulated(@PathVariable UUID id, @RequestBody Simulated simulated) {
        StandSessions.Session session = session(id);
        Check.chosen("shutter", simulated.shutter());
        long seed;
        synchronized (session) {
            seed = id.getMostSignificantBits() + session.simulated++;
        }
        SimulatedStand.Recorded recorded =
                simulated.shutter().fire(simulated.nominalSeconds(), session.setup, session.rateHz, seed);
        return heard(session, recorded.samples(), simulated.nominalSeconds());
    }

    @DeleteMapping("/sessions/{id}")
    void close(@PathVariable UUID id) {
        sessions.close(id);
    }

    private Heard heard(StandSessions.Session session, float[][] samples, double nominalSeconds) {
        Check.within("nominalSeconds", nominalSeconds, 1e-4, 60, "s");
        if (samples.length != session.channels) {
            throw new FieldProblem(
                    "channels",
                    samples.length + " channels arrived for a stand with " + session.channels + ".",
                    "Open the stand again.");
        }
        LiveStand.Heard heard;
        synchronized (session) {
            heard = session.live.take(samples);
        }
        return new Heard(
                heard.peaks(),
                heard.clipping(),
                heard.lit(),
                heard.caught().stream().map(one -> caught(one, nominalSeconds)).toList());
    }

    private CaughtFiring caught(LiveStand.Caught one, double nominalSeconds) {
        Optional<MeasuredFiring> shot = Shots.of(one.firing());
        return new CaughtFiring(
                shot,
                shot.map(firing ->
                        ExposureEv.of(firing.seconds(), nominalSeconds).value()),
                recordings.keep(one.rateHz(), one.samples()),
                one.measured().analysis(),
                one.firing().flags().stream().map(FiringFlag::label).toList(),
                new HeardInput(
                        one.measured().input().coupled(), one.measured().input().cutoffHz()));
    }

    private StandSessions.Session session(UUID id) {
        return sessions.get(id)
                .orElseThrow(
                        () -> new FieldProblem("session", "The stand stopped sending a while ago.", "Open it again."));
    }
}
