package ruvant.core.units;

import java.util.Locale;
import java.util.Map;

/**
 * What a field is called in a message. Most fields read well by splitting their name ("lens hood"); the ones here would
 * not tell a person which box is meant.
 */
final class FieldNames {
    private static final Map<String, String> NOUNS = Map.ofEntries(
            Map.entry("everyHours", "hours between backups"),
            Map.entry("keep", "number of backups"),
            Map.entry("what", "description"),
            Map.entry("words", "text"),
            Map.entry("why", "reason"),
            Map.entry("pastReason", "reason"),
            Map.entry("overrideReason", "reason"),
            Map.entry("how", "answer"),
            Map.entry("from", "source"),
            Map.entry("origin", "source"),
            Map.entry("to", "destination"),
            Map.entry("into", "camera it goes into"),
            Map.entry("was", "earlier finding"),
            Map.entry("seen", "result"),
            Map.entry("shown", "trial result"),
            Map.entry("shows", "subject of the picture"),
            Map.entry("guess", "sound of the speed"),
            Map.entry("found", "piece that was found"),
            Map.entry("missing", "missing piece"),
            Map.entry("surplus", "piece left over"),
            Map.entry("slip", "description of what went wrong"),
            Map.entry("putRight", "way it was put right"),
            Map.entry("leaveAlone", "part to leave alone"),
            Map.entry("agreed", "owner's agreement"),
            Map.entry("root", "root cause"),
            Map.entry("cell", "battery"),
            Map.entry("signer", "name of the person signing"),
            Map.entry("chamber", "battery chamber"),
            Map.entry("late", "advice for being too late"),
            Map.entry("marked", "marked speed"),
            Map.entry("asIs", "resale value as it is"),
            Map.entry("mended", "resale value once repaired"),
            Map.entry("chanceMended", "chance the repair succeeds"),
            Map.entry("mendCost", "cost of parts to buy"),
            Map.entry("mendMinutes", "repair time"),
            Map.entry("openMinutes", "time to open it"),
            Map.entry("makeMinutes", "time to make a part"),
            Map.entry("needWorth", "value of a finished camera"),
            Map.entry("hour", "labour rate"),
            Map.entry("lateDay", "cost of a day late"),
            Map.entry("glassPasses", "maximum number of passes"),
            Map.entry("streakLength", "number of good firings"),
            Map.entry("lookAlikeMm", "length difference of look-alikes"),
            Map.entry("least", "reorder level"),
            Map.entry("count", "quantity"),
            Map.entry("each", "quantity"),
            Map.entry("pin", "pin number"),
            Map.entry("tray", "tray number"),
            Map.entry("allowed", "tolerance"),
            Map.entry("wanted", "target"),
            Map.entry("tooLow", "fault if too far out"),
            Map.entry("tooHigh", "fault if too far in"),
            Map.entry("minTurns", "outward limit"),
            Map.entry("maxTurns", "inward limit"),
            Map.entry("stepTurns", "step"),
            Map.entry("coverMinutes", "time for the covers"),
            Map.entry("waitMinutes", "wait"),
            Map.entry("latestMinutes", "time limit"),
            Map.entry("flashOffMinutes", "flash-off time"),
            Map.entry("takenMm", "amount removed"),
            Map.entry("limitMm", "limit"),
            Map.entry("threadMm", "thread"),
            Map.entry("lengthMm", "length"),
            Map.entry("widthMm", "sensor width"),
            Map.entry("positionMm", "sensor position"),
            Map.entry("gateMm", "gate length"),
            Map.entry("cutoffHz", "cut-off frequency"),
            Map.entry("nominalSeconds", "time of the marked speed"),
            Map.entry("errorEv", "error"),
            Map.entry("scatterEv", "scatter"),
            Map.entry("madeForVolts", "voltage it was designed for"),
            Map.entry("otherVolts", "second voltage"),
            Map.entry("volts", "voltage"),
            Map.entry("madeFor", "pattern it was made for"),
            Map.entry("bodies", "kinds of camera"),
            Map.entry("school", "lubrication practice"),
            Map.entry("kept", "place it is kept"),
            Map.entry("rates", "set of rates"));

    private FieldNames() {}

    /** The noun for a field, in lower case and without an article. */
    static String noun(String field) {
        String known = NOUNS.get(field);
        return known == null ? field.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT) : known;
    }
}
