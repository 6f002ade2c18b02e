package ruvant.core.strip;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.PartName;

/** What is said of places beside the removals: what was missing on arrival, what stays empty, what was fitted. */
final class PlaceFold {
    /** Why so many places stay empty. */
    record Empty(int count, String why) {
        static final Empty NONE = new Empty(0, "");

        Empty atMost(int most) {
            return count <= most ? this : new Empty(most, why);
        }

        Empty and(Empty other) {
            return new Empty(
                    count + other.count,
                    Stream.of(why, other.why)
                            .filter(one -> !one.isEmpty())
                            .distinct()
                            .collect(Collectors.joining("; ")));
        }
    }

    private final Map<String, PiecePlace> named = new LinkedHashMap<>();
    private final Map<String, Integer> missing = new LinkedHashMap<>();
    private final Map<String, Integer> fitted = new LinkedHashMap<>();
    private final Map<String, Empty> empty = new LinkedHashMap<>();

    void missing(PiecePlace place, int count) {
        missing.merge(key(place), count, Integer::sum);
    }

    void fitted(PiecePlace place, int count) {
        fitted.merge(key(place), count, Integer::sum);
    }

    void leftEmpty(PiecePlace place, int count, String why) {
        empty.merge(key(place), new Empty(count, why), Empty::and);
    }

    private String key(PiecePlace place) {
        named.putIfAbsent(place.key(), place);
        return place.key();
    }

    int missingAt(PiecePlace place) {
        return missing.getOrDefault(place.key(), 0);
    }

    Empty emptyAt(PiecePlace place) {
        return empty.getOrDefault(place.key(), Empty.NONE);
    }

    int fittedAt(PiecePlace place) {
        return fitted.getOrDefault(place.key(), 0);
    }

    /** Places of a part that were spoken of, beside what its removal tells. */
    Set<String> piecesAt(PartName part) {
        return named.values().stream()
                .filter(place -> place.part().equals(part))
                .map(PiecePlace::piece)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** The accounts of all places: those of the parts that came off, then those that are only spoken of. */
    List<PlaceAccount> accounts(ValleyTracks valley) {
        List<PlaceAccount> accounts = new ArrayList<>(valley.accounts(this));
        Set<String> known =
                accounts.stream().map(account -> account.place().key()).collect(Collectors.toSet());
        named.values().stream()
                .filter(place -> !known.contains(place.key()))
                .map(this::neverOff)
                .forEach(accounts::add);
        return List.copyOf(accounts);
    }

    /** The account of a place at a part that never came off: of it, only what was missing is known. */
    private PlaceAccount neverOff(PiecePlace place) {
        int required = Math.max(missingAt(place), emptyAt(place).count());
        int replaced = Math.min(required, fittedAt(place));
        int left = Math.min(required - replaced, emptyAt(place).count());
        return new PlaceAccount(
                place,
                required,
                0,
                required,
                new PlaceAccount.Filled(0, replaced, 0),
                new PlaceAccount.Strays(0, 0, 0, 0),
                left,
                left == 0 ? "" : emptyAt(place).why(),
                required - replaced - left);
    }
}
