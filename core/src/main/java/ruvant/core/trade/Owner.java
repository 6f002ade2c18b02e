package ruvant.core.trade;

import java.util.UUID;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Money;

/**
 * Whose it is.
 *
 * @param name the customer; empty only when it is the shop's own
 * @param contact telephone, mail or address as given; may be empty
 * @param shopsOwn bought by the shop
 * @param paid what the shop paid for it; null when a customer's or unknown
 * @param worth what it would fetch mended; null when unknown
 * @param customer id of the customer's card; null where there is none
 */
public record Owner(
        String name,
        String contact,
        boolean shopsOwn,
        @MayBeNull Money paid,
        @MayBeNull Money worth,
        @MayBeNull UUID customer) {
    /** One without a card. */
    public Owner(String name, String contact, boolean shopsOwn, @MayBeNull Money paid, @MayBeNull Money worth) {
        this(name, contact, shopsOwn, paid, worth, null);
    }

    public Owner {
        name = shopsOwn ? Check.optionalName("owner", name) : Check.name("owner", name);
        contact = Check.optionalName("contact", contact);
    }

    /** The customer's name, or that it is the shop's own. */
    public String words() {
        return shopsOwn ? "the shop's own" : name;
    }
}
