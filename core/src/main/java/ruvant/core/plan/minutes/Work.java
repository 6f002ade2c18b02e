package ruvant.core.plan.minutes;

/** Kinds of attended work, with the minutes that each usually takes before this shop has a history of its own. */
public enum Work {
    INTAKE(20),
    WAY_IN(35),
    LOOK(8),
    TREAT(20),
    ADJUST(15),
    REFIT(50),
    PROVE(25),
    RETURN(12);

    private final double usualMinutes;

    Work(double usualMinutes) {
        this.usualMinutes = usualMinutes;
    }

    /** The median of shops in general, minutes. */
    public double usualMinutes() {
        return usualMinutes;
    }
}
