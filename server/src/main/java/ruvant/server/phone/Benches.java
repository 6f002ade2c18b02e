package ruvant.server.phone;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;
import ruvant.server.people.BenchFocus;

/** What each bench shows now. It is said anew as somebody moves on, so nothing of it is kept over a start. */
@Component
class Benches implements BenchFocus {
    private final Cache<String, Focus> shown = Caffeine.newBuilder()
            .maximumSize(200)
            .expireAfterWrite(Duration.ofHours(12))
            .build();

    /**
     * What a bench shows.
     *
     * @param tag the camera that is open; null for none
     * @param stop where on its way
     * @param part the part at hand; empty for none
     * @param shows what a picture taken now would show; empty for nothing in particular
     * @param speed the speed that is to be fired next at the shutter stand; empty elsewhere
     */
    record Focus(@MayBeNull TagNumber tag, @MayBeNull Stop stop, String part, String shows, String speed) {
        Focus {
            part = Check.optionalRemark("part", part);
            shows = Check.optionalRemark("shows", shows);
            speed = Check.optionalName("speed", speed);
        }
    }

    void shows(String bench, Focus focus) {
        shown.put(bench, focus);
    }

    Optional<Focus> at(String bench) {
        return Optional.of(bench).filter(one -> !one.isEmpty()).map(shown::getIfPresent);
    }

    @Override
    public Optional<TagNumber> jobAt(String bench) {
        return at(bench).map(Focus::tag);
    }
}
