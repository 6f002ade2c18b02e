package ruvant.server.people;

import java.util.Optional;
import org.springframework.stereotype.Component;
import ruvant.core.units.TagNumber;

@Component
class NoBenches implements BenchFocus {
    @Override
    public Optional<TagNumber> jobAt(String bench) {
        return Optional.empty();
    }
}
