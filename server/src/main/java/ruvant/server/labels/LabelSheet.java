package ruvant.server.labels;

import java.util.Arrays;
import java.util.List;
import ruvant.core.units.FieldProblem;

/**
 * How labels lie on a sheet; all lengths in millimetres.
 *
 * @param id short name in addresses
 * @param label for people
 * @param paper "A4" or "letter"
 * @param across distance from one label's left edge to the next one's
 * @param down distance from one label's upper edge to the next one's
 * @param cut whether lines are printed to cut along, for plain paper
 */
record LabelSheet(
        String id,
        String label,
        String paper,
        int columns,
        int rows,
        double left,
        double top,
        double width,
        double height,
        double across,
        double down,
        boolean cut) {
    private static final List<LabelSheet> ALL = List.of(
            new LabelSheet("a4-plain", "plain A4, to cut", "A4", 6, 9, 12, 13.5, 31, 30, 31, 30, true),
            new LabelSheet(
                    "a4-65", "A4, 65 labels of 38 × 21 mm", "A4", 5, 13, 4.75, 10.9, 38.1, 21.2, 40.6, 21.2, false),
            new LabelSheet("a4-24", "A4, 24 labels of 70 × 37 mm", "A4", 3, 8, 0, 0.5, 70, 37, 70, 37, false),
            new LabelSheet("letter-plain", "plain Letter, to cut", "letter", 6, 8, 14.9, 19.7, 31, 30, 31, 30, true),
            new LabelSheet(
                    "letter-30",
                    "Letter, 30 labels of 67 × 25 mm",
                    "letter",
                    3,
                    10,
                    4.8,
                    12.7,
                    66.7,
                    25.4,
                    69.8,
                    25.4,
                    false));

    static List<LabelSheet> all() {
        return ALL;
    }

    static LabelSheet of(String id) {
        return ALL.stream()
                .filter(sheet -> sheet.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "sheet",
                        "“" + id + "” is no label sheet.",
                        "There are: "
                                + String.join(
                                        ", ", ALL.stream().map(LabelSheet::id).toList()) + "."));
    }

    int perSheet() {
        return columns * rows;
    }

    double widthOfPaper() {
        return paper.equals("A4") ? 210 : 215.9;
    }

    double heightOfPaper() {
        return paper.equals("A4") ? 297 : 279.4;
    }

    /** Whether all labels lie on the paper and none on another. */
    boolean fits() {
        return left + (columns - 1) * across + width <= widthOfPaper() + 0.05
                && top + (rows - 1) * down + height <= heightOfPaper() + 0.05
                && across >= width
                && down >= height
                && Arrays.stream(new double[] {left, top, width, height}).allMatch(one -> one >= 0);
    }
}
