package ruvant.core.people;

import java.time.Duration;
import java.time.Instant;

/** How somebody signed in, and so how long that holds: the easier the way in, the sooner it ends by itself. */
public enum SignedBy {
    PASSPHRASE(Duration.ofHours(12), Duration.ofDays(30)),
    /** At a bench that the shop trusts. */
    PIN(Duration.ofHours(4), Duration.ofHours(16)),
    /** A phone that was paired with a bench by the code on its screen. */
    PHONE(Duration.ofHours(2), Duration.ofHours(12));

    private final Duration idle;
    private final Duration longest;

    SignedBy(Duration idle, Duration longest) {
        this.idle = idle;
        this.longest = longest;
    }

    /** When it ends if nothing more is heard: so long after it was last used, and in any case so long after it began. */
    public Instant endsAt(Instant begun, Instant lastUsed) {
        Instant unused = lastUsed.plus(idle);
        Instant last = begun.plus(longest);
        return unused.isBefore(last) ? unused : last;
    }
}
