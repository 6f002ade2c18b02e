package ruvant.core.money;

import ruvant.core.units.Labelled;

/** In what something is counted on a bill; the code is that of UN/ECE recommendation 20. */
public enum Measure implements Labelled {
    PIECE("", "C62"),
    HOUR("h", "HUR");

    private final String label;
    private final String code;

    Measure(String label, String code) {
        this.label = label;
        this.code = code;
    }

    @Override
    public String label() {
        return label;
    }

    /** Its code in UN/ECE recommendation 20. */
    public String code() {
        return code;
    }
}
