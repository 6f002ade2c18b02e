package ruvant.core.log;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/** How things stand, each put together when the first rule asks for it. */
public final class StandingOf implements Standing {
    private final Map<Class<?>, Supplier<?>> suppliers = new HashMap<>();
    private final Map<Class<?>, Object> known = new HashMap<>();
    private final Instant now;

    /** @param now the moment for which entries are judged */
    public StandingOf(Instant now) {
        this.now = now;
    }

    /** The same with one thing more that rules may ask for. */
    public <T> StandingOf with(Class<T> what, Supplier<? extends T> supplier) {
        suppliers.put(what, supplier);
        return this;
    }

    @Override
    public <T> T of(Class<T> what) {
        Object found = known.get(what);
        if (found == null) {
            Supplier<?> supplier = suppliers.get(what);
            if (supplier == null) {
                throw new IllegalArgumentException("No rule of this log can ask for " + what.getName());
            }
            found = supplier.get();
            known.put(what, found);
        }
        return what.cast(found);
    }

    @Override
    public Instant now() {
        return now;
    }
}
