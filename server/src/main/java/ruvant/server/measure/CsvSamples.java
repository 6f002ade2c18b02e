package ruvant.server.measure;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.Samples;

/**
 * Reads a table of samples: a column of time in seconds and one for each channel, or channels alone after a line that
 * states the rate ("# sample rate: 48000"). Parted by semicolons or tabs the decimal comma is understood, else by commas
 * with the decimal point.
 */
final class CsvSamples {
    private static final int MOST_CHANNELS = 4;
    private static final int MOST_ROWS = 30_000_000;
    private static final int LOOKED_AT = 8_192;
    private static final double UNEVEN = 0.05;
    private static final double LOWEST_RATE = 1_000;
    private static final double HIGHEST_RATE = 10_000_000;
    private static final Pattern RATE = Pattern.compile(
            "(?i)#? *(?:sample ?_?rate|rate|samples a second|fs)(?: *\\(?hz\\)?)? *[:=;,\t ] *([0-9]+(?:[.][0-9]+)?).*");

    private final String separator;
    private final Optional<Double> stated;
    private final ColumnsOfFigures read = new ColumnsOfFigures();
    private List<String> names = List.of();
    private boolean timed;

    private CsvSamples(String head) {
        List<String> lines = head.lines().filter(line -> !line.isBlank()).toList();
        this.stated = lines.stream()
                .map(RATE::matcher)
                .filter(Matcher::matches)
                .map(match -> Double.valueOf(match.group(1)))
                .findFirst();
        this.separator = lines.stream()
                .filter(line -> !isAside(line))
                .reduce((first, second) -> second)
                .map(row -> row.contains(";") ? ";" : row.contains("\t") ? "\t" : ",")
                .orElse(",");
    }

    private static boolean isAside(String line) {
        return line.startsWith("#") || RATE.matcher(line).matches();
    }

    /** @throws RecordingProblem if it is no such table */
    static Samples read(InputStream in) {
        try (in) {
            byte[] head = in.readNBytes(LOOKED_AT);
            int mark = startsWithMark(head) ? 3 : 0;
            byte[] own = Arrays.copyOfRange(head, mark, head.length);
            CsvSamples table = new CsvSamples(wholeLines(new String(own, StandardCharsets.UTF_8), head.length));
            return table.samples(new SequenceInputStream(new ByteArrayInputStream(own), in));
        } catch (IOException problem) {
            throw new RecordingProblem(
                    "unreadable", "The table cannot be read: " + problem.getMessage() + ".", "Export it again.");
        }
    }

    /** Where the look ends inside a row, that row does not tell how rows are parted. */
    private static String wholeLines(String head, int looked) {
        int last = head.lastIndexOf('\n');
        return looked < LOOKED_AT || last < 0 ? head : head.substring(0, last);
    }

    /** Some programs put a mark of the order of bytes at the front of a text; it is no part of it. */
    private static boolean startsWithMark(byte[] head) {
        return head.length >= 3 && head[0] == (byte) 0xEF && head[1] == (byte) 0xBB && head[2] == (byte) 0xBF;
    }

    private Samples samples(InputStream table) throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setCommentMarker('#')
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser rows = CSVParser.parse(new InputStreamReader(table, StandardCharsets.UTF_8), format)) {
            int number = 0;
            for (CSVRecord row : rows) {
                if (number == 0 && isAside(String.join(separator, row.values()))) {
                    continue;
                }
                if (++number == 1) {
                    begin(row);
                } else {
                    add(row, number);
                }
            }
        } catch (IllegalStateException | java.io.UncheckedIOException torn) {
            throw new RecordingProblem(
                    "rowUneven", "The table ends inside a quoted cell.", "Export it without quotation marks.");
        }
        return held();
    }

    private void begin(CSVRecord first) {
        boolean headed = first.stream().anyMatch(cell -> figure(cell).isEmpty());
        timed = headed ? isTime(first.get(0)) : stated.isEmpty();
        int from = timed ? 1 : 0;
        int count = first.size() - from;
        if (count < 1 || count > MOST_CHANNELS) {
            throw new RecordingProblem(
                    "channelsUnfit",
                    "The table has " + count + " columns of samples.",
                    "It may have 1 to " + MOST_CHANNELS + " beside the time.");
        }
        names = headed
                ? first.stream().skip(from).toList()
                : IntStream.rangeClosed(1, count)
                        .mapToObj(channel -> "ch" + channel)
                        .toList();
        read.begin(first.size());
        if (!headed) {
            add(first, 1);
        }
    }

    private void add(CSVRecord row, int number) {
        if (row.size() != read.columns()) {
            throw new RecordingProblem(
                    "rowUneven",
                    "Row " + number + " has " + row.size() + " columns, the first has " + read.columns() + ".",
                    "Every row needs the same number. With a decimal comma, separate columns with semicolons.");
        }
        if (number > MOST_ROWS) {
            throw new RecordingProblem(
                    "tooLarge",
                    "The table has more than 30 million rows.",
                    "Save the recording as WAV, which is smaller.");
        }
        for (int i = 0; i < row.size(); i++) {
            String cell = row.get(i);
            read.put(
                    i,
                    figure(cell)
                            .orElseThrow(() -> new RecordingProblem(
                                    "notANumber",
                                    "Row " + number + " says “" + cell + "”, which is not a number.",
                                    "Keep only numbers below the header.")));
        }
        read.next();
    }

    private Samples held() {
        if (read.columns() == 0) {
            throw new RecordingProblem(
                    "empty",
                    "The table is empty.",
                    "It needs a row for each sample: time in seconds, then the channels.");
        }
        double rateHz = timed ? rateOf(read.column(0)) : stated.orElseThrow(CsvSamples::withoutRate);
        if (!(rateHz >= LOWEST_RATE && rateHz <= HIGHEST_RATE)) {
            throw new RecordingProblem(
                    "rateUnfit",
                    "The table has %.0f samples a second.".formatted(rateHz),
                    "It needs 1,000 or more. Check that the time is in seconds.");
        }
        float[][] samples = new float[names.size()][];
        for (int channel = 0; channel < samples.length; channel++) {
            samples[channel] = single(read.column(channel + (timed ? 1 : 0)));
        }
        return new HeldSamples(rateHz, samples, names);
    }

    private static float[] single(double[] figures) {
        float[] single = new float[figures.length];
        for (int i = 0; i < figures.length; i++) {
            single[i] = (float) figures[i];
        }
        return single;
    }

    private static RecordingProblem withoutRate() {
        return new RecordingProblem(
                "rateUnknown",
                "The table says neither the time of its samples nor their rate.",
                "Name the first column “time_s”, or write “# sample rate: 48000” above the table.");
    }

    private static boolean isTime(String name) {
        return name.toLowerCase(Locale.ROOT).matches("t|time.*|seconds?|s");
    }

    private Optional<Double> figure(String cell) {
        try {
            double value = Double.parseDouble(separator.equals(",") ? cell : cell.replace(',', '.'));
            return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException none) {
            return Optional.empty();
        }
    }

    /** From first to last; a step that differs much from the others is a gap, and nothing can be timed across it. */
    private static double rateOf(double[] times) {
        if (times.length < 2) {
            throw new RecordingProblem("empty", "The table has one row.", "Record the whole firing.");
        }
        double step = (times[times.length - 1] - times[0]) / (times.length - 1);
        for (int i = 1; i < times.length; i++) {
            double own = times[i] - times[i - 1];
            if (!(step > 0) || Math.abs(own - step) > UNEVEN * step + 1e-9) {
                throw new RecordingProblem(
                        "timeUneven",
                        "The time steps are uneven at %.6g s.".formatted(times[i]),
                        "Export every sample, with enough decimals of its time.");
            }
        }
        return 1 / step;
    }
}
