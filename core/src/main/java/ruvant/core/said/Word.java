package ruvant.core.said;

/**
 * One word, figure or mark of a line.
 *
 * @param typed as it stands in the line
 * @param key in small letters, without apostrophes, its spelling put right where that is safe
 * @param joined whether it follows the word before it without a space, as after a hyphen
 * @param corrected whether its spelling was put right
 */
record Word(String typed, String key, Type type, boolean joined, boolean corrected) {
    enum Type {
        /** Letters. */
        LETTERS,
        /** A number, with point or comma. */
        NUMBER,
        /** Two whole numbers with a stroke: a speed or a fraction. */
        FRACTION,
        /** Two numbers with an x: thread and length. */
        DIMENSION,
        /** A well of a tray. */
        WELL,
        /** A mark that separates, such as a comma. */
        MARK
    }

    boolean is(Type one) {
        return type == one;
    }

    /** The value of a number or fraction. */
    double value() {
        if (type == Type.FRACTION) {
            String[] parts = key.split("/");
            return Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
        }
        return Double.parseDouble(key);
    }

    /** How it is written where it becomes part of a name. */
    String shown() {
        return corrected ? key : typed;
    }
}
