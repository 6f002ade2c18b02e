package ruvant.core.customers;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import ruvant.core.money.Party;
import ruvant.core.units.Check;

/**
 * How a customer is called and reached.
 *
 * @param party name, address, tax number and e-mail, as they stand on papers
 * @param phone may be empty
 * @param remark for the shop alone; may be empty
 */
public record Customer(Party party, String phone, String remark) {
    public Customer {
        Check.chosen("party", party);
        phone = Check.optionalName("phone", phone);
        remark = Check.optionalRemark("remark", remark);
    }

    /** Whether a word of what is known of the customer begins so; upper and lower case count the same. */
    public boolean fits(String words) {
        List<String> known = Stream.of(party.name(), party.email(), phone, party.town(), party.postcode())
                .flatMap(one -> Stream.concat(Stream.of(one), Stream.of(one.split("\\s+"))))
                .map(one -> one.toLowerCase(Locale.ROOT))
                .toList();
        return Stream.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .allMatch(word -> known.stream().anyMatch(one -> one.startsWith(word)));
    }

    /** Whether a name is this customer's. */
    public boolean isCalled(String name) {
        return party.name().equalsIgnoreCase(name.strip());
    }
}
