package ruvant.server.printing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.prove.SpeedRow;

/** The speeds before and after as a small drawing, for paper: it must read in black and white. */
public final class SpeedChart {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 170;
    private static final int LEFT = 44;
    private static final int TOP = 14;
    private static final int PLOT = 112;
    private static final double MOST_EV = 1.2;

    private SpeedChart() {}

    /** The drawing. */
    public static String svg(List<SpeedRow> rows) {
        StringBuilder svg = new StringBuilder(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" width=\"%d\" height=\"%d\" role=\"img\" aria-label=\"Speeds before and after\" font-family=\"Noto Sans\" font-size=\"10\">"
                        .formatted(WIDTH, HEIGHT, WIDTH, HEIGHT));
        double step = (WIDTH - LEFT - 8.0) / Math.max(1, rows.size());
        for (int i = 0; i < rows.size(); i++) {
            double tolerance = rows.get(i).allowed().ev();
            rect(svg, LEFT + i * step, y(tolerance), step, y(-tolerance) - y(tolerance));
        }
        for (double ev : new double[] {1, 0.5, 0, -0.5, -1}) {
            line(svg, LEFT, y(ev), WIDTH - 8, y(ev), ev == 0 ? "#333" : "#bbb", ev == 0 ? 1 : 0.5);
            text(svg, LEFT - 6, y(ev) + 3, "end", ev == 0 ? "0" : String.format(Locale.ROOT, "%+.1f", ev));
        }
        for (int i = 0; i < rows.size(); i++) {
            SpeedRow row = rows.get(i);
            double middle = LEFT + (i + 0.5) * step;
            whisker(svg, middle - 6, row.before(), false);
            whisker(svg, middle + 6, row.after(), true);
            text(svg, middle, TOP + PLOT + 18, "middle", row.speed());
        }
        text(
                svg,
                LEFT,
                HEIGHT - 6,
                "start",
                "Hollow: before. Solid: after. Line: 95 % interval. Band: tolerance. In EV; up is slow.");
        return svg.append("</svg>").toString();
    }

    private static void whisker(StringBuilder svg, double x, Optional<SpeedRow.Run> run, boolean solid) {
        run.ifPresent(one -> {
            one.bias()
                    .lowEv()
                    .ifPresent(
                            low -> line(svg, x, y(low), x, y(one.bias().highEv().orElse(low)), "#333", 1.2));
            svg.append("<circle cx=\"%s\" cy=\"%s\" r=\"3.2\" fill=\"%s\" stroke=\"#222\" stroke-width=\"1.2\"/>"
                    .formatted(number(x), number(y(one.bias().ev())), solid ? "#222" : "#fff"));
        });
    }

    private static double y(double ev) {
        double kept = Math.max(-MOST_EV, Math.min(MOST_EV, ev));
        return TOP + PLOT / 2.0 - kept / MOST_EV * PLOT / 2.0;
    }

    private static void rect(StringBuilder svg, double x, double y, double width, double height) {
        svg.append("<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"#e4e9df\"/>"
                .formatted(number(x), number(y), number(width), number(height)));
    }

    private static void line(
            StringBuilder svg, double x1, double y1, double x2, double y2, String colour, double width) {
        svg.append("<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"%s\" stroke-width=\"%s\"/>"
                .formatted(number(x1), number(y1), number(x2), number(y2), colour, number(width)));
    }

    private static void text(StringBuilder svg, double x, double y, String anchor, String words) {
        svg.append("<text x=\"%s\" y=\"%s\" text-anchor=\"%s\" fill=\"#333\">%s</text>"
                .formatted(number(x), number(y), anchor, Markup.escape(words)));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
