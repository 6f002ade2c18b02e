package ruvant.core.practice.unseen.shutter;

import java.util.List;

/** Which faults a shutter has, by the names they go by, and how much of each. */
record Faults(String first, String second, double mild) {
    static final String NONE = "healthy";

    static List<String> of(String kind) {
        return switch (kind) {
            case "leaf" ->
                List.of(
                        NONE,
                        "trainGummed",
                        "trainTooDeep",
                        "trainTooShallow",
                        "palletSkips",
                        "mainSpringWeak",
                        "mainSpringStrong",
                        "ringDrags",
                        "oilOnBlades",
                        "camWornAtOneSpeed");
            case "focalPlaneMechanical" ->
                List.of(
                        NONE,
                        "escapementGummed",
                        "escapementEngagement",
                        "leadingWeak",
                        "leadingStrong",
                        "leadingDrags",
                        "trailingWeak",
                        "trailingStrong",
                        "trailingDrags",
                        "bothWeak",
                        "latchSticky");
            default ->
                List.of(
                        NONE,
                        "leadingWeak",
                        "leadingDrags",
                        "trailingWeak",
                        "trailingDrags",
                        "contactDirty",
                        "magnetDead",
                        "magnetResidual",
                        "timingDrift");
        };
    }

    boolean has(String name) {
        return first.equals(name) || second.equals(name);
    }

    /** How much of it there is: between both for the first fault, milder for the second, 0 where it is absent. */
    double much(String name, double low, double high, Dice dice) {
        double drawn = dice.wide(low, high);
        return first.equals(name) ? drawn : second.equals(name) ? mild * drawn : 0;
    }
}
