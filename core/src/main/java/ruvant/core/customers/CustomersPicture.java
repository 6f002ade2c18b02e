package ruvant.core.customers;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Customers as they stand.
 *
 * @param joined cards that are no longer their own, each with the one that took its place
 */
public record CustomersPicture(List<Card> cards, Map<UUID, UUID> joined) {
    /** A customer and the id they are told by. */
    public record Card(UUID id, Customer customer) {}

    /** The card of an id, also where it was joined to another since. */
    public Optional<Card> card(UUID id) {
        UUID now = id;
        while (joined.containsKey(now)) {
            now = joined.get(now);
        }
        UUID its = now;
        return cards.stream().filter(one -> one.id().equals(its)).findFirst();
    }

    /** All ids under which a customer was known. */
    public List<UUID> idsOf(UUID id) {
        return java.util.stream.Stream.concat(
                        java.util.stream.Stream.of(id),
                        joined.keySet().stream()
                                .filter(gone -> card(gone)
                                        .filter(one -> one.id().equals(id))
                                        .isPresent()))
                .toList();
    }
}
