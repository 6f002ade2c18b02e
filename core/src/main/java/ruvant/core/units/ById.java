package ruvant.core.units;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Lists whose entries are told apart by an id: what ships, and what a shop changed of it. */
public final class ById {
    private ById() {}

    /** The first list with entries of the second in place of those of the same id, and its others behind. */
    public static <T> List<T> merged(List<T> first, List<T> then, Function<T, String> id) {
        Map<String, T> all = new LinkedHashMap<>();
        first.forEach(one -> all.put(id.apply(one), one));
        then.forEach(one -> all.put(id.apply(one), one));
        return List.copyOf(all.values());
    }
}
