package ruvant.core.treat;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.Check;

/**
 * How something was cleaned, oiled or worked on.
 *
 * @param applicator what it was put on with, such as "pegwood"; may be empty
 * @param amount in words, such as "two drops"; may be empty
 * @param goes how many times, 1 to 99; 0 where nobody said
 * @param posture how the camera lay, such as "lens down"; may be empty
 * @param until when it was enough, such as "until it runs clear"; may be empty
 * @param achieved what came of it; may be empty
 */
public record Manner(String applicator, String amount, int goes, String posture, String until, String achieved) {
    /** Nothing said. */
    public static final Manner NOT_SAID = new Manner("", "", 0, "", "", "");

    public Manner {
        applicator = Check.optionalName("applicator", applicator);
        amount = Check.optionalName("amount", amount);
        Check.count("goes", goes, 0, 99);
        posture = Check.optionalName("posture", posture);
        until = Check.optionalName("until", until);
        achieved = Check.optionalRemark("achieved", achieved);
    }

    /** What follows the work in a sentence; empty where nothing is known. */
    public String words() {
        return Stream.of(
                        applicator.isEmpty() ? "" : "with " + applicator,
                        amount,
                        goes == 0 ? "" : goes == 1 ? "once" : goes + " times",
                        posture,
                        until,
                        achieved)
                .filter(one -> !one.isEmpty())
                .map(one -> ", " + one)
                .collect(Collectors.joining());
    }
}
