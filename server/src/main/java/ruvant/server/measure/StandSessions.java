package ruvant.server.measure;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import ruvant.core.measure.live.LiveStand;
import ruvant.core.trade.StandSetup;

/** The stands that listen just now, one for each window that has its stand open. */
@Component
class StandSessions {
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(15);
    private static final int MOST = 20;

    private final Clock clock;
    private final Map<UUID, Session> sessions = new ConcurrentHashMap<>();

    StandSessions(Clock clock) {
        this.clock = clock;
    }

    /** A stand that listens. */
    static final class Session {
        final StandSetup setup;
        final double rateHz;
        final int channels;
        final LiveStand live;
        long simulated;
        volatile Instant usedAt;

        Session(StandSetup setup, double rateHz, int channels) {
            this.setup = setup;
            this.rateHz = rateHz;
            this.channels = channels;
            this.live = new LiveStand(rateHz, channels, setup);
        }
    }

    UUID open(StandSetup setup, double rateHz, int channels) {
        Instant now = clock.instant();
        sessions.values().removeIf(one -> one.usedAt.plus(FORGOTTEN_AFTER).isBefore(now));
        if (sessions.size() >= MOST) {
            sessions.entrySet().stream()
                    .min(Comparator.comparing(one -> one.getValue().usedAt))
                    .ifPresent(oldest -> sessions.remove(oldest.getKey()));
        }
        UUID id = UUID.randomUUID();
        Session session = new Session(setup, rateHz, channels);
        session.usedAt = now;
        sessions.put(id, session);
        return id;
    }

    Optional<Session> get(UUID id) {
        Session session = sessions.get(id);
        if (session != null) {
            session.usedAt = clock.instant();
        }
        return Optional.ofNullable(session);
    }

    void close(UUID id) {
        sessions.remove(id);
    }
}
