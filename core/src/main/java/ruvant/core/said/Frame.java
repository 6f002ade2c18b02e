package ruvant.core.said;

import java.util.Map;

/**
 * One way in which a statement is said.
 *
 * @param number its place among all frames
 * @param after the kind of statement that must stand before it in the line; null for any or none
 * @param constants fields that follow from the wording alone
 * @param looksBack whether it takes something from what was said before it
 * @param command whether it begins with a word that says what is done, as no sentence about a camera does
 * @param cost what it costs over others: more where the wording is less sure
 */
record Frame(
        int number,
        StatementKind kind,
        @ruvant.core.units.MayBeNull StatementKind after,
        Pattern pattern,
        Map<String, Object> constants,
        boolean looksBack,
        boolean command,
        double cost) {}
