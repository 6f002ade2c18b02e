package ruvant.server.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import ruvant.core.practice.stand.StandCases.Through;
import ruvant.core.practice.stand.StandCases.Trouble;
import ruvant.core.practice.stand.StandCases.Wanted;

/**
 * Measures how well recordings are measured: simulated ones with known truth, put through the same analysis as any
 * other. Writes the tables into the page about measurement, between its marks.
 */
public final class MeasureBenchmark {
    private static final double[] LEAF = {1, 2, 4, 8, 15, 30, 60, 125, 250, 500};
    private static final double[] FOCAL = {1, 2, 4, 8, 15, 30, 60, 125, 250, 500, 1000};

    private final MeasuredPage page;
    private final int cases;

    private MeasureBenchmark(MeasuredPage page, int cases) {
        this.page = page;
        this.cases = cases;
    }

    public static void main(String[] arguments) throws IOException {
        Locale.setDefault(Locale.ROOT);
        int cases = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 40;
        MeasureBenchmark bench = new MeasureBenchmark(new MeasuredPage(Path.of(arguments[0])), cases);
        bench.all();
        bench.page.write();
    }

    private void all() throws IOException {
        say("Made by `./ruvant bench measure`: " + cases + " recordings for each line and speed, 1 to 5 firings each; "
                + "44.1 to 192 kHz, noise 25 to 40 dB under the plateau, either polarity, unless the line says otherwise. "
                + "Relative error of the effective time: median / 95th percentile, percent.");
        say("");
        table(
                "Leaf shutter",
                LEAF,
                List.of(
                        line("direct input", false, wanted -> wanted),
                        line("coupled, 2–20 Hz", false, wanted -> through(wanted, Through.COUPLED)),
                        line("coupled twice, second 0.5–2 Hz", false, wanted -> through(wanted, Through.TWICE_COUPLED)),
                        line(
                                "coupled, 48 kHz, 25 dB",
                                false,
                                wanted -> noisy(through(wanted, Through.COUPLED), 48_000, 25, 25)),
                        line(
                                "coupled, noise 15–25 dB",
                                false,
                                wanted -> noisy(through(wanted, Through.COUPLED), 0, 15, 25)),
                        line(
                                "coupled, hum 1–6 %",
                                false, wanted -> trouble(through(wanted, Through.COUPLED), Trouble.HUM)),
                        line(
                                "coupled, lamp ripples 2–20 %",
                                false, wanted -> trouble(through(wanted, Through.COUPLED), Trouble.RIPPLE)),
                        line("direct, clipped at 80–90 %", false, wanted -> trouble(wanted, Trouble.CLIPPED))));
        table(
                "Focal plane, each of three sensors",
                FOCAL,
                List.of(
                        line("direct input", true, wanted -> wanted),
                        line("coupled, 2–20 Hz", true, wanted -> through(wanted, Through.COUPLED)),
                        line(
                                "coupled, 48 kHz, 25 dB",
                                true,
                                wanted -> noisy(through(wanted, Through.COUPLED), 48_000, 25, 25)),
                        line(
                                "coupled, noise 15–25 dB",
                                true,
                                wanted -> noisy(through(wanted, Through.COUPLED), 0, 15, 25)),
                        line(
                                "coupled, lamp ripples 2–20 %",
                                true, wanted -> trouble(through(wanted, Through.COUPLED), Trouble.RIPPLE))));
        table(
                "A bounce of 5 % of the plateau, at 25 dB",
                LEAF,
                List.of(
                        line(
                                "leaf, coupled",
                                false,
                                wanted -> noisy(trouble(through(wanted, Through.COUPLED), Trouble.BOUNCE), 0, 25, 25)),
                        line(
                                "focal plane, direct",
                                true,
                                wanted -> noisy(trouble(wanted, Trouble.BOUNCE), 0, 25, 25))));
        UnseenTables.measured(this::say, 3 * cases);
        MeasureTimes.into(this::say);
    }

    private record Line(String words, boolean focalPlane, UnaryOperator<Wanted> change) {}

    private static Line line(String words, boolean focalPlane, UnaryOperator<Wanted> change) {
        return new Line(words, focalPlane, change);
    }

    private static Wanted through(Wanted one, Through through) {
        return new Wanted(
                one.focalPlane(),
                one.nominalSeconds(),
                through,
                one.trouble(),
                one.rateHz(),
                one.leastSnrDb(),
                one.mostSnrDb());
    }

    private static Wanted trouble(Wanted one, Trouble trouble) {
        return new Wanted(
                one.focalPlane(),
                one.nominalSeconds(),
                one.through(),
                trouble,
                one.rateHz(),
                one.leastSnrDb(),
                one.mostSnrDb());
    }

    private static Wanted noisy(Wanted one, double rateHz, double least, double most) {
        return new Wanted(one.focalPlane(), one.nominalSeconds(), one.through(), one.trouble(), rateHz, least, most);
    }

    private void table(String title, double[] speeds, List<Line> lines) {
        say("### " + title);
        say("");
        StringBuilder head = new StringBuilder("| |");
        for (double speed : speeds) {
            head.append(speed == 1 ? " 1 s |" : " 1/%.0f |".formatted(speed));
        }
        say(
                head
                        + " 95 % intervals hold | firings missed / made up | coupling, polarity wrong | bounce found / made up |");
        say("|---|" + "---|".repeat(speeds.length + 4));
        for (Line line : lines) {
            StringBuilder row = new StringBuilder("| " + line.words() + " |");
            MeasureScore sum = new MeasureScore();
            for (double speed : speeds) {
                Wanted wanted = line.change()
                        .apply(new Wanted(line.focalPlane(), 1 / speed, Through.DIRECT, Trouble.NONE, 0, 25, 40));
                MeasureScore one = MeasureScore.over(wanted, cases);
                row.append(" %s / %s |".formatted(percent(one.quantile(0.5)), percent(one.quantile(0.95))));
                sum.add(one);
            }
            say(row + sum.words());
        }
        say("");
    }

    private static String percent(double part) {
        return part * 100 < 0.095
                ? "%.3f".formatted(part * 100)
                : part * 100 < 0.95 ? "%.2f".formatted(part * 100) : "%.1f".formatted(part * 100);
    }

    private void say(String line) {
        page.say(line);
    }
}
