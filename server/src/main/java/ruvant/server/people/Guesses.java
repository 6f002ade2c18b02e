package ruvant.server.people;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ruvant.core.people.GuessLimit;
import ruvant.server.access.NotAllowedException;

/** Makes guessing slow: by account from one place, by place, and by account from everywhere. */
@Component
class Guesses {
    private static final Duration REMEMBERED = Duration.ofDays(1);

    private final GuessStore store;
    private final Clock clock;

    Guesses(GuessStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Something that is being guessed at, from some address. */
    record Guess(String at, String from) {
        private Map<String, GuessLimit> counted() {
            return Map.of(
                    at + " from " + from,
                    GuessLimit.AT_AN_ACCOUNT,
                    "from " + from,
                    GuessLimit.FROM_A_PLACE,
                    at,
                    GuessLimit.FROM_EVERYWHERE);
        }
    }

    /** @throws NotAllowedException if it is too early after wrong ones */
    void mayTry(Guess guess) {
        Instant now = clock.instant();
        Duration wait = guess.counted().entrySet().stream()
                .map(one -> store.of(one.getKey()).map(wrong -> left(wrong, one.getValue(), now)))
                .flatMap(Optional::stream)
                .max(Duration::compareTo)
                .orElse(Duration.ZERO);
        if (wait.isPositive()) {
            long seconds = wait.toSeconds() + 1;
            throw new NotAllowedException(
                    "tooManyGuesses",
                    "Too many wrong tries.",
                    seconds < 90
                            ? "Try again in " + seconds + " seconds."
                            : "Try again in " + (seconds + 59) / 60 + " minutes.");
        }
    }

    private static Duration left(GuessStore.Wrong wrong, GuessLimit limit, Instant now) {
        return Duration.between(now, wrong.last().plus(limit.after(wrong.times())));
    }

    void wrong(Guess guess) {
        store.forgetBefore(clock.instant().minus(REMEMBERED));
        guess.counted().keySet().forEach(about -> store.wrong(about, clock.instant()));
    }

    /** It was the right one. What was tried from the same place at other accounts stays counted. */
    void right(Guess guess) {
        store.forget(guess.at());
        store.forget(guess.at() + " from " + guess.from());
    }

    /** How many wrong ones there were in a row at something, wherever from. */
    int wrongAt(String at) {
        return store.of(at).map(GuessStore.Wrong::times).orElse(0);
    }
}
