package ruvant.core.measure.recording;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Reads a table of samples: a column of time in seconds and one for each channel, or channels alone after a line that
 * states the rate ("# sample rate: 48000"). Parted by semicolons or tabs the decimal comma is understood, else by commas
 * with the decimal point.
 */
public final class CsvSamples implements Samples {
    private static final int MOST_CHANNELS = 4;
    private static final double UNEVEN = 0.05;
    private static final double LOWEST_RATE = 1_000;
    private static final double HIGHEST_RATE = 10_000_000;
    private static final Pattern RATE = Pattern.compile(
            "(?i)#? *(?:sample ?_?rate|rate|samples a second|fs)(?: *\\(?hz\\)?)? *[:=;,\t ] *([0-9]+(?:[.][0-9]+)?).*");

    private final List<String> columns;
    private final HeldSamples held;

    /** @throws RecordingProblem if it is no such table */
    public CsvSamples(Bytes bytes) {
        List<String> lines = new Lines(bytes).all();
        Optional<Double> stated = lines.stream()
                .limit(20)
                .map(RATE::matcher)
                .filter(Matcher::matches)
                .map(match -> Double.valueOf(match.group(1)))
                .findFirst();
        List<String> rows = lines.stream()
                .filter(line -> !line.isBlank()
                        && !line.startsWith("#")
                        && !RATE.matcher(line).matches())
                .toList();
        if (rows.isEmpty()) {
            throw new RecordingProblem(
                    "empty",
                    "The table is empty.",
                    "Give it a row for each sample: time in seconds, then the channels.");
        }
        String separator = separator(rows.getLast());
        String[] first = cells(rows.getFirst(), separator);
        boolean headed = Arrays.stream(first).anyMatch(cell -> number(cell).isEmpty());
        boolean timed = headed ? isTime(first[0]) : stated.isEmpty();
        int from = timed ? 1 : 0;
        List<double[]> read = new ArrayList<>();
        for (int row = headed ? 1 : 0; row < rows.size(); row++) {
            read.add(row(cells(rows.get(row), separator), first.length, row + 1));
        }
        columns = columns(first, from, headed);
        double rateHz = timed ? rateOf(read) : stated.orElseThrow(CsvSamples::withoutRate);
        if (!(rateHz >= LOWEST_RATE && rateHz <= HIGHEST_RATE)) {
            throw new RecordingProblem(
                    "rateUnfit",
                    "The table has %.0f samples a second.".formatted(rateHz),
                    "Give it 1,000 or more; check that its time is in seconds.");
        }
        float[][] samples = new float[columns.size()][read.size()];
        for (int i = 0; i < read.size(); i++) {
            for (int channel = 0; channel < columns.size(); channel++) {
                samples[channel][i] = (float) read.get(i)[from + channel];
            }
        }
        held = new HeldSamples(rateHz, samples);
    }

    private static List<String> columns(String[] first, int from, boolean headed) {
        int count = first.length - from;
        if (count < 1 || count > MOST_CHANNELS) {
            throw new RecordingProblem(
                    "channelsUnfit",
                    "The table has " + count + " columns of samples.",
                    "Give it 1 to " + MOST_CHANNELS + " beside the time.");
        }
        return headed
                ? List.of(Arrays.copyOfRange(first, from, first.length))
                : IntStream.rangeClosed(1, count)
                        .mapToObj(channel -> "ch" + channel)
                        .toList();
    }

    private static RecordingProblem withoutRate() {
        return new RecordingProblem(
                "rateUnknown",
                "The table says neither the time of its samples nor their rate.",
                "Call the first column “time_s”, or write “# sample rate: 48000” above the table.");
    }

    private static boolean isTime(String name) {
        return name.toLowerCase(Locale.ROOT).matches("t|time.*|seconds?|s");
    }

    private static String separator(String row) {
        return row.contains(";") ? ";" : row.contains("\t") ? "\t" : ",";
    }

    private static String[] cells(String line, String separator) {
        return Arrays.stream(line.split(separator, -1))
                .map(cell -> cell.strip().replaceAll("^\"|\"$", ""))
                .map(cell -> separator.equals(",") ? cell : cell.replace(',', '.'))
                .toArray(String[]::new);
    }

    private static double[] row(String[] cells, int columns, int row) {
        if (cells.length != columns) {
            throw new RecordingProblem(
                    "rowUneven",
                    "Row " + row + " has " + cells.length + " columns, the first has " + columns + ".",
                    "Give every row as many; with a decimal comma part them by semicolons.");
        }
        double[] values = new double[columns];
        for (int i = 0; i < columns; i++) {
            String cell = cells[i];
            values[i] = number(cell)
                    .orElseThrow(() -> new RecordingProblem(
                            "notANumber",
                            "Row " + row + " says “" + cell + "”, which is no number.",
                            "Leave only numbers below the head of the table."));
        }
        return values;
    }

    private static Optional<Double> number(String cell) {
        try {
            double value = Double.parseDouble(cell);
            return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException none) {
            return Optional.empty();
        }
    }

    /** From first to last; a step that differs much from the others is a gap, and nothing can be timed across it. */
    private static double rateOf(List<double[]> rows) {
        if (rows.size() < 2) {
            throw new RecordingProblem("empty", "The table has one row.", "Record the whole firing.");
        }
        double step = (rows.getLast()[0] - rows.getFirst()[0]) / (rows.size() - 1);
        for (int i = 1; i < rows.size(); i++) {
            double own = rows.get(i)[0] - rows.get(i - 1)[0];
            if (!(step > 0) || Math.abs(own - step) > UNEVEN * step + 1e-9) {
                throw new RecordingProblem(
                        "timeUneven",
                        "Time does not go on evenly at %.6g s.".formatted(rows.get(i)[0]),
                        "Export every sample, with enough decimals of its time.");
            }
        }
        return 1 / step;
    }

    /** As the table's head says, such as "ch1" or "x_contact". */
    @Override
    public List<String> columns() {
        return columns;
    }

    @Override
    public double rateHz() {
        return held.rateHz();
    }

    @Override
    public int channels() {
        return held.channels();
    }

    @Override
    public int read(float[][] into) {
        return held.read(into);
    }

    @Override
    public void skip(long count) {
        held.skip(count);
    }

    @Override
    public List<String> warnings() {
        return held.warnings();
    }
}
