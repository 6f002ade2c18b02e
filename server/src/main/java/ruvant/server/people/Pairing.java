package ruvant.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ruvant.core.units.TagNumber;
import ruvant.server.access.NotAllowedException;

/** Codes that are shown on a bench's screen and make a phone one of that bench. Each works once, and for a few minutes. */
@Component
public class Pairing {
    private static final Duration GOOD_FOR = Duration.ofMinutes(5);
    private static final int MOST = 200;

    private final Sessions sessions;
    private final Secrets secrets;
    private final Guesses guesses;
    private final Clock clock;
    private final Cache<String, Wanted> open =
            Caffeine.newBuilder().maximumSize(MOST).build();

    Pairing(Sessions sessions, Secrets secrets, Guesses guesses, Clock clock) {
        this.sessions = sessions;
        this.secrets = secrets;
        this.guesses = guesses;
        this.clock = clock;
    }

    private record Wanted(String signer, Optional<TagNumber> onlyJob, String bench, Instant until) {}

    /** A code and how long it works. */
    public record Code(String code, Instant until) {}

    /**
     * A code for a phone.
     *
     * @param signer who signs what the phone logs
     * @param onlyJob the job it is for; empty where it follows the bench
     * @param bench the bench on whose screen the code is shown
     */
    public Code code(String signer, Optional<TagNumber> onlyJob, String bench) {
        String code = secrets.code();
        Instant until = clock.instant().plus(GOOD_FOR);
        open.put(code, new Wanted(signer, onlyJob, bench, until));
        return new Code(code, until);
    }

    /**
     * Takes a code and begins the phone's session.
     *
     * @return the secret the phone keeps
     * @throws NotAllowedException if it is none, or none any more
     */
    public String take(String typed, String from) {
        Guesses.Guess guess = new Guesses.Guess("code for a phone", from);
        guesses.mayTry(guess);
        Wanted wanted = open.asMap().remove(typed.strip());
        if (wanted == null || clock.instant().isAfter(wanted.until())) {
            guesses.wrong(guess);
            throw new NotAllowedException(
                    "wrongCode", "This code does not work any more.", "Show a new one on the bench and scan that.");
        }
        guesses.right(guess);
        return sessions.beginPhone(
                wanted.signer(), wanted.onlyJob(), wanted.onlyJob().isPresent() ? "" : wanted.bench());
    }
}
