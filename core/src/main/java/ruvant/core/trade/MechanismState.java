package ruvant.core.trade;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import ruvant.core.units.Labelled;

/** How a part of the mechanism stands; some steps want one of these, some marks hold in one only. */
public enum MechanismState implements Labelled {
    COCKED("cocked", Of.SHUTTER),
    RELEASED("released", Of.SHUTTER),
    MIRROR_UP("mirror up", Of.MIRROR),
    MIRROR_DOWN("mirror down", Of.MIRROR),
    BACK_OPEN("back open", Of.BACK),
    BACK_CLOSED("back closed", Of.BACK),
    AT_INFINITY("at infinity", Of.FOCUS),
    AT_NEAR("at closest focus", Of.FOCUS, "nearest|closest focus");

    /** What it is that stands so: of each, one state holds at a time. */
    public enum Of implements Labelled {
        SHUTTER("shutter"),
        MIRROR("mirror"),
        BACK("back"),
        FOCUS("focus");

        private final String label;

        Of(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    private final String label;
    private final Of of;
    private final Pattern spokenOf;

    MechanismState(String label, Of of) {
        this(label, of, label.replaceFirst("^at ", ""));
    }

    /** With the words, as a pattern, by which a mark may speak of it. */
    MechanismState(String label, Of of, String spoken) {
        this.label = label;
        this.of = of;
        this.spokenOf = Pattern.compile("(?<!not )\\b(?:" + spoken + ")\\b");
    }

    @Override
    public String label() {
        return label;
    }

    /** What stands so. */
    public Of of() {
        return of;
    }

    /** The state that is called so, such as "at infinity"; closest focus also by the name that older logs have for it. */
    public static Optional<MechanismState> labelled(String label) {
        return Arrays.stream(values())
                .filter(one -> one.label.equals(label) || one == AT_NEAR && label.equals("at its nearest"))
                .findFirst();
    }

    /** The state that a few words of a mark speak of, such as "cocked" or "infinity"; not "uncocked" or "not cocked". */
    public static Optional<MechanismState> in(String words) {
        String said = words.toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(one -> one.spokenOf.matcher(said).find())
                .findFirst();
    }
}
