package ruvant.server.measure;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.List;
import ruvant.core.practice.stand.LeafMotion;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;

/** Recordings of a simulated stand as files. */
public final class StandRecordings {
    private StandRecordings() {}

    /** Firings of a leaf shutter through an ordinary sound input, 48 kHz, one channel. */
    public static SimulatedStand.Recorded leaf(double... exposures) {
        List<SimulatedStand.Released> firings = new ArrayList<>();
        double at = 0.8;
        for (double seconds : exposures) {
            firings.add(new SimulatedStand.Released(at, LeafMotion.plain(seconds, 0.001)));
            at += seconds + 1.2;
        }
        return SimulatedStand.record(firings, 1, StandLamp.STEADY, StandInput.coupled(48_000, 34, 5), at, 11);
    }

    public static byte[] wav(SimulatedStand.Recorded recorded) {
        float[] samples = recorded.samples()[0];
        int rate = (int) recorded.rateHz();
        ByteBuffer wav = ByteBuffer.allocate(44 + 2 * samples.length).order(ByteOrder.LITTLE_ENDIAN);
        wav.put("RIFF".getBytes())
                .putInt(36 + 2 * samples.length)
                .put("WAVEfmt ".getBytes())
                .putInt(16);
        wav.putShort((short) 1)
                .putShort((short) 1)
                .putInt(rate)
                .putInt(2 * rate)
                .putShort((short) 2)
                .putShort((short) 16);
        wav.put("data".getBytes()).putInt(2 * samples.length);
        for (float sample : samples) {
            wav.putShort((short) Math.round(sample * 32_767));
        }
        return wav.array();
    }

    public static byte[] csv(SimulatedStand.Recorded recorded) {
        StringBuilder csv = new StringBuilder("time_s,ch1\n");
        float[] samples = recorded.samples()[0];
        for (int i = 0; i < samples.length; i++) {
            csv.append("%.7f,%.5f%n".formatted(i / recorded.rateHz(), samples[i]));
        }
        return csv.toString().getBytes();
    }
}
