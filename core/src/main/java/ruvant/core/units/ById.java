package ruvant.core.units;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Lists whose entries are told apart by an id: what ships, and what a shop changed of it. */
public final class ById {
    private ById() {}

    /** The first list with entries of the second in place of those of the same id, and its others behind. */
    public static <T extends Identified> List<T> merged(List<T> first, List<T> then) {
        Map<String, T> all = new LinkedHashMap<>();
        first.forEach(one -> all.put(one.id(), one));
        then.forEach(one -> all.put(one.id(), one));
        return List.copyOf(all.values());
    }

    /** The list without the entry of this id. */
    public static <T extends Identified> List<T> without(List<T> all, String id) {
        return all.stream().filter(one -> !one.id().equals(id)).toList();
    }

    /** The entry of this id; empty where there is none. */
    public static <T extends Identified> Optional<T> find(List<T> all, String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The ids of all entries of some lists, in their order. */
    @SafeVarargs
    public static List<String> ids(List<? extends Identified>... lists) {
        return Stream.of(lists).flatMap(List::stream).map(Identified::id).toList();
    }
}
