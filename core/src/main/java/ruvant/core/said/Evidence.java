package ruvant.core.said;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import ruvant.core.trade.Stop;

/** What speaks for one kind of statement over another besides its words: where the camera is, and whether it was worked on. */
final class Evidence {
    private static final double AT_HOME = -0.12;
    private static final double FAR = 0.1;

    /** Nothing is adjusted before it was looked at; a screw that is turned there is being taken out. */
    private static final double NOWHERE = 2;

    private static final Map<Stop, Set<StatementKind>> HOME = new EnumMap<>(Map.of(
            Stop.INTAKE,
            EnumSet.of(
                    StatementKind.FINDING,
                    StatementKind.SYMPTOM,
                    StatementKind.FUNCTION,
                    StatementKind.MISSING,
                    StatementKind.VISITOR_SIGN,
                    StatementKind.BATTERY_FOUND),
            Stop.STRIP,
            EnumSet.of(StatementKind.REMOVED, StatementKind.STUCK, StatementKind.LOST, StatementKind.SPRING),
            Stop.FIND,
            EnumSet.of(
                    StatementKind.FINDING,
                    StatementKind.SYMPTOM,
                    StatementKind.SUSPECT,
                    StatementKind.CLEARED,
                    StatementKind.CAUSE,
                    StatementKind.VISITOR_SIGN),
            Stop.CLEAN,
            EnumSet.of(StatementKind.TREATED),
            Stop.MEND,
            EnumSet.of(StatementKind.MENDED, StatementKind.MODIFIED, StatementKind.REPLACED, StatementKind.NEED),
            Stop.OIL,
            EnumSet.of(StatementKind.TREATED, StatementKind.ADJUSTED),
            Stop.REFIT,
            EnumSet.of(StatementKind.PUT_BACK, StatementKind.SURPLUS, StatementKind.ADJUSTED),
            Stop.PROVE,
            EnumSet.of(StatementKind.FIRED, StatementKind.FUNCTION, StatementKind.RESULT, StatementKind.TIMED),
            Stop.RETURN,
            EnumSet.of(
                    StatementKind.ADVICE,
                    StatementKind.DECISION,
                    StatementKind.BATTERY_TO_USE,
                    StatementKind.ESTIMATE)));

    /** Work on the camera: what is wrongly taken for it does harm, so it pays for being far from where it is done. */
    private static final Set<StatementKind> WORK = EnumSet.of(
            StatementKind.REMOVED,
            StatementKind.PUT_BACK,
            StatementKind.TREATED,
            StatementKind.MENDED,
            StatementKind.MODIFIED,
            StatementKind.REPLACED,
            StatementKind.ADJUSTED);

    private Evidence() {}

    /** What a kind of statement costs here: less than nothing where it is at home. */
    static double against(StatementKind kind, LineContext context) {
        Stop stop = context.stop();
        if (HOME.getOrDefault(stop, Set.of()).contains(kind)) {
            return AT_HOME;
        }
        if (kind == StatementKind.ADJUSTED && (stop == Stop.INTAKE || stop == Stop.STRIP)) {
            return NOWHERE;
        }
        boolean looking = stop == Stop.INTAKE || stop == Stop.FIND || stop == Stop.RETURN;
        return looking && WORK.contains(kind) ? FAR : 0;
    }
}
