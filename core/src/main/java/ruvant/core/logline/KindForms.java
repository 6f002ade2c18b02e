package ruvant.core.logline;

import static ruvant.core.logline.KindForm.FieldType.CHOICE;
import static ruvant.core.logline.KindForm.FieldType.COUNT;
import static ruvant.core.logline.KindForm.FieldType.FASTENERS;
import static ruvant.core.logline.KindForm.FieldType.LOOSE;
import static ruvant.core.logline.KindForm.FieldType.NUMBER;
import static ruvant.core.logline.KindForm.FieldType.NUMBERS;
import static ruvant.core.logline.KindForm.FieldType.PART;
import static ruvant.core.logline.KindForm.FieldType.SPEED;
import static ruvant.core.logline.KindForm.FieldType.WORDS;
import static ruvant.core.logline.KindForm.FieldType.YES;

import java.util.Arrays;
import java.util.List;
import ruvant.core.logline.KindForm.ChoiceForm;
import ruvant.core.logline.KindForm.FieldForm;
import ruvant.core.logline.KindForm.FieldType;
import ruvant.core.said.StatementKind;

/** Which fields each kind of statement has, and what people call them. */
final class KindForms {
    private KindForms() {}

    private static FieldForm field(String name, String label, FieldType type, String... choices) {
        return new FieldForm(
                name, label, type, Arrays.stream(choices).map(ChoiceForm::of).toList());
    }

    private static FieldForm words(String name, String label) {
        return field(name, label, WORDS);
    }

    private static final FieldForm THE_PART = field("part", "Part", PART);
    private static final FieldForm REMARK = words("remark", "Remark");
    private static final FieldForm HOW_MANY = field("count", "How many", COUNT);
    private static final FieldForm THE_SPEED = field("speed", "Speed", SPEED);

    private static KindForm form(StatementKind kind, String label, FieldForm... fields) {
        return new KindForm(kind, label, List.of(fields));
    }

    static KindForm of(StatementKind kind) {
        return switch (kind) {
            case REMOVED -> removed(kind);
            case PUT_BACK ->
                form(
                        kind,
                        "Put back",
                        THE_PART,
                        field("torque", "How tight", CHOICE, "finger", "snug", "hard"),
                        field("marks", "Marks lined up", YES),
                        words("overrideReason", "Put back anyway, because"),
                        REMARK);
            case TREATED -> treated(kind);
            case MENDED ->
                form(kind, "Mended", THE_PART, words("how", "What was done"), words("agreed", "How the owner agreed"));
            case MODIFIED ->
                form(
                        kind,
                        "Changed for good",
                        THE_PART,
                        words("how", "What was done"),
                        words("what", "Which corner or hole"),
                        field("amountMm", "Removed, mm", NUMBER),
                        field("limitMm", "At most, mm", NUMBER),
                        words("agreed", "How the owner agreed"),
                        REMARK);
            case REPLACED ->
                form(
                        kind,
                        "Replaced",
                        THE_PART,
                        field("source", "Where from", CHOICE, "stock", "donor", "made", "bought", "ordered", "gift"),
                        words("from", "Which one"),
                        field("checked", "Checked before it went in", YES),
                        REMARK);
            case NEED ->
                form(
                        kind,
                        "Needed",
                        THE_PART,
                        HOW_MANY,
                        words("why", "What exactly, or why"),
                        words("onlyIf", "Only if"));
            case FINDING ->
                form(
                        kind,
                        "Found",
                        THE_PART,
                        words("place", "Where on it"),
                        words("condition", "What it is like"),
                        words("degree", "How much"),
                        HOW_MANY,
                        field("negated", "Looked for, and not there", YES),
                        field("watch", "Keep an eye on it", YES));
            case VISITOR_SIGN -> form(kind, "Sign of earlier repair", THE_PART, words("sign", "What was seen"));
            case SYMPTOM ->
                form(
                        kind,
                        "Symptom",
                        words("says", "What it does"),
                        THE_SPEED,
                        words("when", "When"),
                        field("odds", "How often, of 1", NUMBER),
                        field("negated", "No longer", YES));
            case SUSPECT -> form(kind, "Suspect", words("what", "What"), words("why", "Why"));
            case CLEARED -> form(kind, "Cleared", words("what", "Which suspect"), words("why", "By what"));
            case CAUSE -> form(kind, "Cause", words("what", "What it is"), words("why", "What shows it"));
            case TIMED ->
                form(
                        kind,
                        "Speed",
                        THE_SPEED,
                        field("seconds", "Times, s", NUMBERS),
                        field("errorPercent", "Off by, % (slow is more)", NUMBER),
                        field("errorEv", "Off by, EV (slow is more)", NUMBER),
                        field("soundsLike", "Sounds like", SPEED),
                        field("phase", "When", CHOICE, "BEFORE", "AFTER"));
            case FIRED ->
                form(
                        kind,
                        "Fired",
                        field("good", "Good", COUNT),
                        field("missed", "Missed", COUNT),
                        field("order", "Order", CHOICE, "missesFirst", "missesLast"),
                        THE_SPEED,
                        REMARK);
            case FUNCTION ->
                form(
                        kind,
                        "Function",
                        words("function", "Which"),
                        field("verdict", "How it went", CHOICE, "works", "doubtful", "fails"),
                        field("before", "As it came in", YES),
                        THE_SPEED,
                        words("with", "How it was tried"),
                        field("good", "Good", COUNT),
                        field("of", "Of how many tries", COUNT),
                        REMARK);
            case SPRING ->
                form(
                        kind,
                        "Spring",
                        words("what", "Which spring"),
                        field("action", "What was done", CHOICE, "letDown", "wound"),
                        field("turns", "Turns", NUMBER),
                        REMARK);
            case STATE -> form(kind, "State", words("state", "How it stands"));
            case LOST -> form(kind, "Lost", words("what", "What"), HOW_MANY, field("part", "Of which part", PART));
            case FOUND_AGAIN ->
                form(kind, "Found again", words("what", "What"), HOW_MANY, words("where", "Where it was"));
            case MISSING ->
                form(kind, "Missing on arrival", words("what", "What"), HOW_MANY, words("part", "Where it belongs"));
            case SURPLUS -> form(kind, "Left over", words("what", "What"), HOW_MANY, words("kept", "Kept where"));
            case DESTROYED ->
                form(
                        kind,
                        "Destroyed",
                        words("what", "What"),
                        HOW_MANY,
                        field("part", "Of which part", PART),
                        words("how", "What happened"));
            case ADJUSTED ->
                form(
                        kind,
                        "Adjusted",
                        words("adjuster", "What was turned"),
                        field("amount", "How far", NUMBER),
                        field("unit", "Of what", CHOICE, "turn", "tooth", "step", "mm", "washer"),
                        field("direction", "Which way", CHOICE, "in", "out", "cw", "ccw", "left", "right"),
                        REMARK);
            case RESULT ->
                form(
                        kind,
                        "Result",
                        words("what", "Of what"),
                        words("verdict", "How it came out"),
                        field("value", "Figure", NUMBER),
                        words("unit", "Unit"));
            case SWAP ->
                form(
                        kind,
                        "Swap test",
                        THE_PART,
                        words("with", "With what"),
                        field("change", "What changed", CHOICE, "cured", "same", "worse"),
                        REMARK);
            case BATTERY_FOUND ->
                form(
                        kind,
                        "Battery found",
                        words("cell", "Which cell"),
                        field("voltage", "Volts", NUMBER),
                        field("state", "State", CHOICE, "none", "leaked", "dead", "good"));
            case BATTERY_TO_USE -> form(kind, "Battery to use", words("cell", "Which cell"));
            case WAIT -> form(kind, "Wait", words("what", "For what"), field("minutes", "Minutes", COUNT), THE_PART);
            case WAIT_OVER -> form(kind, "Wait finished", words("what", "Which wait"), REMARK);
            case TOOL ->
                form(
                        kind,
                        "Tool",
                        words("tool", "Which tool"),
                        field("status", "What about it", CHOICE, "used", "bad", "lacking", "made", "avoid"),
                        field("part", "On which part", PART),
                        words("why", "Why, how"));
            case DECISION ->
                form(
                        kind,
                        "Decision",
                        words("decide", "What was decided"),
                        words("because", "Why"),
                        words("rejected", "What else there was"),
                        words("open", "What is still to decide"));
            case STUCK ->
                form(
                        kind,
                        "Stuck",
                        field("part", "What is stuck", PART),
                        words("step", "What was tried"),
                        field("result", "What came of it", CHOICE, "freed", "no"),
                        words("agreed", "How the owner agreed"),
                        REMARK);
            case SLIP ->
                form(
                        kind,
                        "Went wrong",
                        THE_PART,
                        words("what", "What went wrong"),
                        words("shown", "How it showed"),
                        words("putRight", "How it was put right"));
            case MODEL_NOTE ->
                form(
                        kind,
                        "True of the model",
                        words("about", "About which part"),
                        words("says", "What is true"),
                        words("known", "Known from"),
                        field("unsure", "Not certain", YES));
            case ESTIMATE ->
                form(
                        kind,
                        "Estimate",
                        words("what", "Of what"),
                        field("money", "Amount", NUMBER),
                        field("minutes", "Minutes", COUNT),
                        field("odds", "Chance, of 1", NUMBER));
            case ADVICE -> form(kind, "Advice to the owner", words("says", "What the owner should know"));
            case REMARK -> form(kind, "Remark", words("says", "What to remember"));
            case MOVED -> form(kind, "Moved", THE_PART, words("wells", "Wells"));
            case TRIED -> form(kind, "Tried, not fixed", THE_PART, REMARK);
            case TRIAL -> form(kind, "Trial assembly", words("parts", "Parts"), words("how", "Held by"));
            case TRIAL_UNDONE -> form(kind, "Trial taken apart", words("seen", "What was seen"));
            case LEFT_OUT -> form(kind, "Left out", THE_PART, words("why", "Why"));
            case LEAVE_ALONE -> form(kind, "Leave alone", words("what", "What"), words("why", "Why"));
            case CHECK_ADDED -> form(kind, "Check", THE_PART, words("check", "What to look at before it goes on"));
            case CHECK_FAILED ->
                form(kind, "Check failed", THE_PART, words("check", "Which check"), words("seen", "What was seen"));
            case PICTURED -> form(kind, "Picture to add", words("shows", "What it shows"));
            case SAT_DOWN -> form(kind, "Work started", words("stop", "At which stop"), words("step", "What is done"));
            case GOT_UP -> form(kind, "Work stopped", REMARK);
            case SCOPE -> form(kind, "To do", words("what", "What is asked for"));
            case SCOPE_DONE -> form(kind, "Done", words("what", "Which work"), REMARK);
            case ROOT -> form(kind, "Root cause", words("what", "What brought it about"));
            case OUTSIDE -> outside(kind);
            case FIT ->
                form(
                        kind,
                        "Fit of another pattern",
                        THE_PART,
                        words("pattern", "Of which pattern"),
                        field("outcome", "How it fitted", CHOICE, "AS_IS", "WITH_WORK", "NOT"),
                        REMARK);
            case LIES_OVER ->
                form(
                        kind,
                        "Lies over",
                        field("part", "Which part", PART),
                        field("under", "Over which part", PART),
                        field("negated", "Does not", YES));
            case LEFT_EMPTY ->
                form(
                        kind,
                        "Left empty",
                        words("what", "Which piece"),
                        HOW_MANY,
                        field("part", "Of which part", PART),
                        words("why", "Why"));
            case ALSO_MARKED ->
                form(kind, "Another mark", THE_PART, words("mark", "Mark"), words("markState", "Holds when"));
            case DRY_RUN ->
                form(
                        kind,
                        "Run dry",
                        THE_PART,
                        field("result", "How it runs", CHOICE, "free", "rough", "sticks"),
                        REMARK);
            case NEED_DROPPED -> form(kind, "No longer needed", THE_PART, words("why", "Why"));
            case LEFT_OPEN -> form(kind, "Left as it is", words("what", "What"), words("why", "Why"));
            case PROBED ->
                form(
                        kind,
                        "Multimeter",
                        field("meter", "Set to", CHOICE, "continuity", "voltage", "loaded"),
                        words("from", "From"),
                        words("to", "To"),
                        field("value", "Reading, Ω or V", NUMBER),
                        REMARK);
            case MADE_OF -> form(kind, "Made of", THE_PART, words("materials", "Materials"));
            case PIECE_FITTED ->
                form(
                        kind,
                        "Piece fitted",
                        words("what", "Which piece"),
                        HOW_MANY,
                        field("part", "At which part", PART),
                        field("source", "Where from", CHOICE, "stock", "donor", "made", "bought"),
                        words("from", "Which one"));
            case SCOPE_LEFT -> form(kind, "Not done", words("what", "Which work"), words("why", "Why"));
            case FREE_OF -> form(kind, "Free of each other", THE_PART, words("others", "Of which others"));
        };
    }

    private static KindForm removed(StatementKind kind) {
        return form(
                kind,
                "Taken off",
                THE_PART,
                field("side", "Side", CHOICE, "top", "bottom", "front", "back", "lens front", "lens rear", "inside"),
                field("covers", "Covers what is under it", YES),
                field("fasteners", "Fasteners", FASTENERS),
                field("loose", "Loose pieces", LOOSE),
                words("wells", "Wells"),
                words("mark", "Mark"),
                words("state", "State of the mechanism"),
                words("setting", "How it was set"),
                words("joints", "Joints"),
                words("hazards", "What to mind"),
                words("moves", "How it comes away"),
                words("tool", "Tool"),
                field("within", "Out of which assembly", PART),
                words("stack", "Stack, outermost first, with / between"),
                REMARK);
    }

    private static KindForm treated(StatementKind kind) {
        return form(
                kind,
                "Cleaned or oiled",
                THE_PART,
                field("action", "What was done", CHOICE, "clean", "lubricate", "degrease", "polish", "blacken", "dry"),
                words("agent", "With what"),
                field(
                        "method",
                        "How",
                        CHOICE,
                        "swab",
                        "brush",
                        "flush",
                        "soak",
                        "ultrasonic",
                        "bath",
                        "peel",
                        "dryWipe",
                        "blow"),
                words("amount", "How much"),
                words("applicator", "Put on with"),
                field("cycles", "How often", COUNT),
                words("posture", "How the camera lay"),
                words("until", "Until when"),
                words("achieved", "What came of it"),
                REMARK);
    }

    private static KindForm outside(StatementKind kind) {
        return form(
                kind,
                "Outside",
                field(
                        "region", "Where", CHOICE, "top", "bottom", "front", "back", "lens", "finder", "leather",
                        "seals"),
                words("condition", "What it is like"),
                field("severity", "How much", CHOICE, "slight", "clear", "grave"),
                REMARK);
    }
}
