package ruvant.core.said;

/** What one statement of a line is about. */
public enum StatementKind {
    REMOVED,
    PUT_BACK,
    TREATED,
    MENDED,
    MODIFIED,
    REPLACED,
    NEED,
    FINDING,
    VISITOR_SIGN,
    SYMPTOM,
    SUSPECT,
    CLEARED,
    CAUSE,
    TIMED,
    FIRED,
    FUNCTION,
    SPRING,
    STATE,
    LOST,
    FOUND_AGAIN,
    MISSING,
    SURPLUS,
    ADJUSTED,
    RESULT,
    SWAP,
    BATTERY_FOUND,
    BATTERY_TO_USE,
    WAIT,
    TOOL,
    DECISION,
    STUCK,
    SLIP,
    MODEL_NOTE,
    ESTIMATE,
    ADVICE,
    REMARK,
    /** A piece broke or was given up. */
    DESTROYED,
    /** What came off lies elsewhere now. */
    MOVED,
    /** A part was laid in to try, and not fixed. */
    TRIED,
    /** Several parts were put together to try. */
    TRIAL,
    /** Such a trial was taken apart. */
    TRIAL_UNDONE,
    /** A part is not fitted again. */
    LEFT_OUT,
    /** Something that is better left as it is. */
    LEAVE_ALONE,
    /** Something to look at before a part goes on. */
    CHECK_ADDED,
    /** A check was made and does not hold. */
    CHECK_FAILED,
    /** A picture that was taken with another device. */
    PICTURED,
    SAT_DOWN,
    GOT_UP,
    WAIT_OVER,
    /** Work that is asked for. */
    SCOPE,
    SCOPE_DONE,
    /** What brought the cause about. */
    ROOT,
    /** Something seen outside, by the region of the body. */
    OUTSIDE,
    /** How a part of another pattern went in. */
    FIT,
    /** One part lies over another, or does not. */
    LIES_OVER,
    /** A place stays empty, and why. */
    LEFT_EMPTY,
    /** Another witness mark of a part that is off. */
    ALSO_MARKED,
    /** How a part runs before any oil covers it up. */
    DRY_RUN,
    /** A need is over without a replacement. */
    NEED_DROPPED,
    /** Something is left as it is, and the owner is told. */
    LEFT_OPEN,
    /** A multimeter was held to two places. */
    PROBED,
    /** What a part is made of. */
    MADE_OF,
    /** Another piece fills a place: a screw, a ball. */
    PIECE_FITTED,
    /** Agreed work that is not done, and why. */
    SCOPE_LEFT,
    /** Two parts do not lie over each other. */
    FREE_OF;

    /** The kind as the interface and the frames write it, such as "putBack". */
    public String id() {
        StringBuilder id = new StringBuilder();
        for (String word : name().toLowerCase(java.util.Locale.ROOT).split("_")) {
            id.append(id.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
        }
        return id.toString();
    }

    /**
     * The kind of this id.
     *
     * @throws IllegalArgumentException where there is none
     */
    public static StatementKind of(String id) {
        for (StatementKind kind : values()) {
            if (kind.id().equals(id)) {
                return kind;
            }
        }
        throw new IllegalArgumentException("No kind of statement is called " + id);
    }
}
