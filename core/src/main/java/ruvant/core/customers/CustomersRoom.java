package ruvant.core.customers;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Rooms;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** Customers, in a log of their own. */
public final class CustomersRoom implements Room<CustomersEntry> {
    /** What the log is called. */
    public static final LogName LOG = new LogName("customers");

    /** The one room of the log. */
    public static final Rooms ROOMS = new Rooms(List.of(new CustomersRoom()));

    /** Adds lines to it. */
    public static final Kernel KERNEL = new Kernel(ROOMS, folding -> Standing.NONE);

    @Override
    public Class<CustomersEntry> entries() {
        return CustomersEntry.class;
    }

    @Override
    public RoomFold<CustomersEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(CustomersEntry entry, Standing now) {
        return switch (entry) {
            case CustomersEntry.CustomerAdded one -> Optional.empty();
            case CustomersEntry.CustomerChanged one -> Optional.empty();
            case CustomersEntry.CustomersJoined one -> Optional.empty();
            case CustomersEntry.CustomerBlanked one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(CustomersEntry entry) {
        return switch (entry) {
            case CustomersEntry.CustomerAdded one -> List.of();
            case CustomersEntry.CustomerChanged one -> List.of();
            case CustomersEntry.CustomersJoined one -> List.of();
            case CustomersEntry.CustomerBlanked one -> List.of();
        };
    }

    @Override
    public List<String> replaces(CustomersEntry entry) {
        return switch (entry) {
            case CustomersEntry.CustomerAdded one -> List.of();
            case CustomersEntry.CustomerChanged one -> List.of("customer " + one.of());
            case CustomersEntry.CustomersJoined one -> List.of();
            case CustomersEntry.CustomerBlanked one -> List.of();
        };
    }

    @Override
    public String words(CustomersEntry entry, Names names) {
        return switch (entry) {
            case CustomersEntry.CustomerAdded one ->
                "new customer: " + one.customer().party().name();
            case CustomersEntry.CustomerChanged one ->
                "customer: " + one.customer().party().name();
            case CustomersEntry.CustomersJoined one -> "two cards of one customer joined";
            case CustomersEntry.CustomerBlanked one -> "a customer of " + one.jobs() + " jobs blanked";
        };
    }

    /** Folds customers: the last said of each holds. */
    public static final class Fold implements RoomFold<CustomersEntry> {
        private final Map<UUID, Customer> cards = new LinkedHashMap<>();
        private final Map<UUID, UUID> joined = new LinkedHashMap<>();

        @Override
        public Optional<Refusal> objection(Line line, CustomersEntry entry) {
            return switch (entry) {
                case CustomersEntry.CustomerAdded one -> Optional.empty();
                case CustomersEntry.CustomerChanged one -> there(one.of());
                case CustomersEntry.CustomersJoined one -> there(one.keep()).or(() -> there(one.gone()));
                case CustomersEntry.CustomerBlanked one -> there(one.of());
            };
        }

        private Optional<Refusal> there(UUID customer) {
            return cards.containsKey(customer)
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "noSuchCustomer", "That customer is not in the books.", "Look for them under Customers."));
        }

        @Override
        public void take(Line line, CustomersEntry entry) {
            switch (entry) {
                case CustomersEntry.CustomerAdded one -> cards.put(line.id(), one.customer());
                case CustomersEntry.CustomerChanged one -> cards.put(one.of(), one.customer());
                case CustomersEntry.CustomersJoined one -> {
                    cards.remove(one.gone());
                    joined.put(one.gone(), one.keep());
                }
                case CustomersEntry.CustomerBlanked one -> cards.remove(one.of());
            }
        }

        /** Customers as they stand. */
        public CustomersPicture picture() {
            return new CustomersPicture(
                    cards.entrySet().stream()
                            .map(one -> new CustomersPicture.Card(one.getKey(), one.getValue()))
                            .toList(),
                    Map.copyOf(joined));
        }
    }
}
