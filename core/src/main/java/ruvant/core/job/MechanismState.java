package ruvant.core.job;

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
    AT_NEAR("at its nearest", Of.FOCUS);

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

    MechanismState(String label, Of of) {
        this.label = label;
        this.of = of;
    }

    @Override
    public String label() {
        return label;
    }

    /** What stands so. */
    public Of of() {
        return of;
    }

    /** The state that a few words of a mark speak of, such as "cocked" or "infinity". */
    public static java.util.Optional<MechanismState> in(String words) {
        String said = words.toLowerCase(java.util.Locale.ROOT);
        return java.util.Arrays.stream(values())
                .filter(one -> said.contains(one.label().replaceFirst("^at (its )?", "")))
                .findFirst();
    }
}
