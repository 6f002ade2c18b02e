package ruvant.server.benchmark;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.practice.stand.CurtainsMotion;
import ruvant.core.practice.stand.LeafMotion;
import ruvant.core.practice.stand.Motion;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;
import ruvant.core.trade.StandSetup;
import ruvant.server.measure.RecordingFile;

/** How long measuring takes, beside reading the same file and adding up its samples. */
final class MeasureTimes {
    private static final int TIMES = 5;
    private static final double LONG_SECONDS = 600;

    private MeasureTimes() {}

    static void into(Consumer<String> say) throws IOException {
        say.accept("### How long it takes");
        say.accept("");
        say.accept("Best of " + TIMES
                + " in a warm process, beside reading the same file once and adding up its samples.");
        say.accept("");
        say.accept("| recording | firings | measured in | read and summed in | ratio |");
        say.accept("|---|---|---|---|---|");
        Path folder = Files.createTempDirectory("ruvant-measure");
        Path shorter = folder.resolve("short.wav");
        Path longer = folder.resolve("long.wav");
        try {
            write(shorter, leaf(), 48_000, 60);
            say.accept(line("60 s, 48 kHz, 1 channel", shorter, StandSetup.leaf()));
            write(longer, curtains(), 192_000, LONG_SECONDS);
            say.accept(line(
                    "10 min, 192 kHz, 3 channels",
                    longer,
                    StandSetup.focalPlane(
                            36,
                            List.of(
                                    new StandSetup.Sensor(4, 1),
                                    new StandSetup.Sensor(18, 1),
                                    new StandSetup.Sensor(32, 1)))));
            say.accept("");
            say.accept("Largest heap while measuring the long one: %d MB."
                    .formatted(Runtime.getRuntime().maxMemory() >> 20));
        } finally {
            Files.deleteIfExists(shorter);
            Files.deleteIfExists(longer);
            Files.deleteIfExists(folder);
        }
        say.accept("");
    }

    private static String line(String words, Path file, StandSetup setup) throws IOException {
        double measured = Double.MAX_VALUE;
        double summed = Double.MAX_VALUE;
        int firings = 0;
        for (int i = 0; i < TIMES; i++) {
            long begun = System.nanoTime();
            try (RecordingFile recording = RecordingFile.of(file)) {
                MeasuredRecording found = TraceAnalysis.of(recording, setup);
                firings = found.firings().size();
            }
            measured = Math.min(measured, (System.nanoTime() - begun) / 1e6);
            begun = System.nanoTime();
            sum(file);
            summed = Math.min(summed, (System.nanoTime() - begun) / 1e6);
        }
        return "| %s | %d | %.0f ms | %.0f ms | %.1f |".formatted(words, firings, measured, summed, measured / summed);
    }

    private static long sum(Path file) throws IOException {
        long sum = 0;
        byte[] block = new byte[1 << 20];
        try (InputStream in = Files.newInputStream(file)) {
            for (int count = in.readNBytes(block, 0, block.length);
                    count > 0;
                    count = in.readNBytes(block, 0, block.length)) {
                for (int i = 0; i + 1 < count; i += 2) {
                    sum += (short) ((block[i] & 0xFF) | block[i + 1] << 8);
                }
            }
        }
        return sum;
    }

    private static SimulatedStand.Recorded leaf() {
        List<SimulatedStand.Released> firings = new ArrayList<>();
        double at = 1;
        for (int i = 0; i < 20; i++) {
            Motion motion = LeafMotion.plain(Math.pow(2, -(i % 10)), 0.001);
            firings.add(new SimulatedStand.Released(at, motion));
            at += motion.endSeconds() + 2.2;
        }
        return SimulatedStand.record(firings, 1, StandLamp.STEADY, StandInput.coupled(48_000, 30, 5), 60, 1);
    }

    /** A minute of firings; the nine that follow are quiet. */
    private static SimulatedStand.Recorded curtains() {
        List<SimulatedStand.Released> firings = new ArrayList<>();
        Random random = new Random(2);
        double at = 0.5;
        while (at < 56) {
            Motion motion = new CurtainsMotion(
                    36,
                    List.of(4.0, 18.0, 32.0),
                    List.of(1.0, 1.0, 1.0),
                    new CurtainsMotion.Run(0.010, 0.2),
                    new CurtainsMotion.Run(0.0102, 0.25),
                    Math.pow(2, -random.nextInt(10)),
                    0,
                    0,
                    0);
            firings.add(new SimulatedStand.Released(at, motion));
            at += motion.endSeconds() + 1.2;
        }
        return SimulatedStand.record(firings, 3, StandLamp.STEADY, StandInput.coupled(192_000, 30, 5), 60, 3);
    }

    /** Writes the recording and then its noise until the file is as long as wanted. */
    private static void write(Path file, SimulatedStand.Recorded recorded, int rate, double seconds)
            throws IOException {
        int channels = recorded.samples().length;
        long frames = (long) (seconds * rate);
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file), 1 << 20)) {
            long bytes = frames * channels * 2;
            ByteBuffer head = ByteBuffer.allocate(44).order(ByteOrder.LITTLE_ENDIAN);
            head.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt((int) (bytes + 36));
            head.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16).putShort((short) 1);
            head.putShort((short) channels).putInt(rate).putInt(rate * channels * 2);
            head.putShort((short) (channels * 2)).putShort((short) 16);
            head.put("data".getBytes(StandardCharsets.US_ASCII)).putInt((int) bytes);
            out.write(head.array());
            Random random = new Random(4);
            byte[] frame = new byte[channels * 2];
            int length = recorded.samples()[0].length;
            for (long i = 0; i < frames; i++) {
                for (int channel = 0; channel < channels; channel++) {
                    double value = i < length
                            ? recorded.samples()[channel][(int) i]
                            : 0.5 * Math.pow(10, -1.5) * (random.nextDouble() - 0.5) * 3.46;
                    short sample = (short) Math.clamp(Math.round(value * 32_768), -32_768, 32_767);
                    frame[2 * channel] = (byte) sample;
                    frame[2 * channel + 1] = (byte) (sample >> 8);
                }
                out.write(frame);
            }
        }
    }
}
