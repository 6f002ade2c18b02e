package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What is to be known about a measured firing besides its numbers. */
public enum FiringFlag implements Labelled {
    CLIPPED("clipped", "the input was overdriven: what it cut off is guessed"),
    AC_TIMED_BY_EDGES("acTimedByEdges", "timed between its edges; a partial closing in between would not show"),
    SLIT_NARROWER_THAN_SENSOR("slitNarrowerThanSensor", "the slit is, or may be, narrower than the sensor"),
    NOT_FULLY_OPEN("notFullyOpen", "the blades turn back before they are fully open"),
    CUT_OFF("cutOff", "the recording starts or ends within it"),
    BOUNCE("bounce", "light comes back after closing"),
    HUM("hum", "the mains' hum is in the signal"),
    RIPPLE("ripple", "the lamp ripples with the mains"),
    CAPPED("capped", "the curtains meet: part of the gate gets no light"),
    BY_EAR("byEarTimed", "by ear, timed"),
    POLARITY_CHANGES("polarityChanges", "light goes the opposite way to the other firings");

    private final String key;
    private final String words;

    FiringFlag(String key, String words) {
        this.key = key;
        this.words = words;
    }

    /** Its fixed name for programs. */
    public String key() {
        return key;
    }

    /** What it means, for people. */
    @Override
    public String label() {
        return words;
    }
}
