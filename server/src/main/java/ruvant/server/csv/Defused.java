package ruvant.server.csv;

import java.util.regex.Pattern;

/**
 * Cells that a spreadsheet would take for formulas: on the way out an apostrophe is put before them, which spreadsheets do not
 * run and do not show; on the way in one is taken off again, so that what was written comes back the same.
 */
final class Defused {
    private static final Pattern LIKE_A_FORMULA = Pattern.compile("'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
    private static final Pattern DEFUSED = Pattern.compile("'+[=+\\-@\\t\\r].*", Pattern.DOTALL);

    private Defused() {}

    /** A cell as it is written; figures stay figures. */
    static Object written(Object cell) {
        return cell instanceof String text && LIKE_A_FORMULA.matcher(text).matches() ? "'" + text : cell;
    }

    static String read(String cell) {
        return DEFUSED.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
