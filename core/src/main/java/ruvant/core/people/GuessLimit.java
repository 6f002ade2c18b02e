package ruvant.core.people;

import java.time.Duration;

/**
 * How long somebody has to wait after wrong guesses: not at all at first, since everybody mistypes, then twice as long each time.
 *
 * @param free how many wrong ones cost nothing, at least 1
 */
public record GuessLimit(int free) {
    /** At one account, from one place. */
    public static final GuessLimit AT_AN_ACCOUNT = new GuessLimit(5);

    /** From one place, at whatever. */
    public static final GuessLimit FROM_A_PLACE = new GuessLimit(20);

    /** At one account, from everywhere: high, since nobody is to be kept out by others who guess. */
    public static final GuessLimit FROM_EVERYWHERE = new GuessLimit(100);

    /** Wrong PINs in a row at one bench, after which the passphrase is wanted. */
    public static final int PINS = 5;

    private static final Duration FIRST = Duration.ofSeconds(15);
    private static final Duration LONGEST = Duration.ofMinutes(15);
    private static final int DOUBLINGS = 6;

    /** How long to wait after the last of so many wrong guesses in a row. */
    public Duration after(int wrong) {
        if (wrong < free) {
            return Duration.ZERO;
        }
        Duration wait = FIRST.multipliedBy(1L << Math.min(DOUBLINGS, wrong - free));
        return wait.compareTo(LONGEST) > 0 ? LONGEST : wait;
    }
}
