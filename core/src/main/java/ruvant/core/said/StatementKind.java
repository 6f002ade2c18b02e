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
    REMARK;

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
