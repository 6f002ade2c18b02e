package ruvant.server.measure;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import ruvant.core.house.Stand;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.Shots;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInShutter;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FiringSource;
import ruvant.core.trade.Phase;

/** Whole runs of the stand-in, for a shop that is furnished. */
@Component
public class StandRuns {
    private static final double RATE_HZ = 48_000;

    private final RecordingStore recordings;

    StandRuns(RecordingStore recordings) {
        this.recordings = recordings;
    }

    /** What is fired, where and how often. */
    public record Wanted(String speed, double nominalSeconds, Phase phase, int firings) {}

    /** Fires the stand-in, measures its recordings and keeps them, as the stand does; firings not to be counted are left out. */
    public List<ProveEntry.FiringsMeasured> run(Wanted wanted, Stand stand, StandInShutter shutter, long seed) {
        List<ProveEntry.FiringsMeasured> run = new ArrayList<>();
        for (int i = 0; i < wanted.firings(); i++) {
            SimulatedStand.Recorded recorded = shutter.fire(wanted.nominalSeconds(), stand.setup(), RATE_HZ, seed + i);
            MeasuredRecording measured =
                    TraceAnalysis.of(() -> new HeldSamples(RATE_HZ, recorded.samples()), stand.setup());
            Shots.of(measured.firings().getFirst())
                    .ifPresent(firing -> run.add(new ProveEntry.FiringsMeasured(
                            wanted.speed(),
                            wanted.phase(),
                            Attitude.LEVEL,
                            stand.instrument(),
                            stand.setup().at(wanted.nominalSeconds()),
                            recordings.keep(RATE_HZ, recorded.samples()),
                            measured.analysis(),
                            List.of(firing),
                            false,
                            new FiringSource("line input", stand.name(), false))));
        }
        return run;
    }
}
