package ruvant.server.labels;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Arrays;
import java.util.List;
import ruvant.core.units.FieldProblem;

/**
 * How labels lie on a sheet; all lengths in millimetres.
 *
 * @param id short name in addresses
 * @param label for people
 * @param paper "A4" or "letter"
 * @param cut whether lines are printed to cut along, for plain paper
 */
record LabelSheet(
        String id,
        String label,
        String paper,
        @JsonUnwrapped Grid grid,
        @JsonUnwrapped One one,
        boolean cut) {
    /**
     * How many there are, and where the first one lies.
     *
     * @param left from the paper's left edge
     * @param top from its upper edge
     */
    record Grid(int columns, int rows, double left, double top) {}

    /**
     * One label.
     *
     * @param across distance from its left edge to the next one's
     * @param down distance from its upper edge to the next one's
     */
    record One(double width, double height, double across, double down) {}

    private static final List<LabelSheet> ALL = List.of(
            plain("a4-plain", "plain A4, to cut", "A4", new Grid(6, 9, 12, 13.5)),
            sticky(
                    "a4-65",
                    "A4, 65 labels of 38 × 21 mm",
                    "A4",
                    new Grid(5, 13, 4.75, 10.9),
                    new One(38.1, 21.2, 40.6, 21.2)),
            sticky("a4-24", "A4, 24 labels of 70 × 37 mm", "A4", new Grid(3, 8, 0, 0.5), new One(70, 37, 70, 37)),
            plain("letter-plain", "plain Letter, to cut", "letter", new Grid(6, 8, 14.9, 19.7)),
            sticky(
                    "letter-30",
                    "Letter, 30 labels of 67 × 25 mm",
                    "letter",
                    new Grid(3, 10, 4.8, 12.7),
                    new One(66.7, 25.4, 69.8, 25.4)));

    private static LabelSheet plain(String id, String label, String paper, Grid grid) {
        return new LabelSheet(id, label, paper, grid, new One(31, 30, 31, 30), true);
    }

    private static LabelSheet sticky(String id, String label, String paper, Grid grid, One one) {
        return new LabelSheet(id, label, paper, grid, one, false);
    }

    static List<LabelSheet> all() {
        return ALL;
    }

    static LabelSheet of(String id) {
        return ALL.stream()
                .filter(sheet -> sheet.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "sheet",
                        "“" + id + "” is not a label sheet.",
                        "Choose one of: "
                                + String.join(
                                        ", ", ALL.stream().map(LabelSheet::id).toList()) + "."));
    }

    int perSheet() {
        return grid.columns() * grid.rows();
    }

    double widthOfPaper() {
        return paper.equals("A4") ? 210 : 215.9;
    }

    double heightOfPaper() {
        return paper.equals("A4") ? 297 : 279.4;
    }

    /** Whether all labels lie on the paper and none on another. */
    boolean fits() {
        return grid.left() + (grid.columns() - 1) * one.across() + one.width() <= widthOfPaper() + 0.05
                && grid.top() + (grid.rows() - 1) * one.down() + one.height() <= heightOfPaper() + 0.05
                && one.across() >= one.width()
                && one.down() >= one.height()
                && Arrays.stream(new double[] {grid.left(), grid.top(), one.width(), one.height()})
                        .allMatch(length -> length >= 0);
    }
}
