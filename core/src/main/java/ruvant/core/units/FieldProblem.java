package ruvant.core.units;

/** A value that cannot be taken, said in the trade's words: which field, what is wrong and what to do. */
public final class FieldProblem extends IllegalArgumentException {
    private final String field;
    private final String remedy;

    /**
     * @param field name of the component refused, as it is called in code
     * @param message what is wrong, with the value and the allowed range
     * @param remedy what the person can do about it; may be empty
     */
    public FieldProblem(String field, String message, String remedy) {
        super(message);
        this.field = field;
        this.remedy = remedy;
    }

    public String field() {
        return field;
    }

    public String remedy() {
        return remedy;
    }
}
