package ruvant.core.said;

import java.util.Map;

/**
 * One way in which a statement is said.
 *
 * @param after the kind of statement that must stand before it in the line; null for any or none
 * @param constants fields that follow from the wording alone
 * @param cost what it costs over others: more where the wording is less sure
 */
record Frame(
        StatementKind kind,
        @ruvant.core.units.MayBeNull StatementKind after,
        Pattern pattern,
        Map<String, Object> constants,
        double cost) {}
