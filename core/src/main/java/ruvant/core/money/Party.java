package ruvant.core.money;

import java.util.List;
import java.util.Locale;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * Who stands on a paper: the shop, or a customer.
 *
 * @param street with the number; may hold two lines
 * @param country two letters by ISO 3166, such as IE; empty where it was not said
 * @param taxNumber under which tax is paid; empty for none
 */
public record Party(
        String name, String street, String postcode, String town, String country, String taxNumber, String email) {
    private static final List<String> COUNTRIES = List.of(Locale.getISOCountries());

    public Party {
        name = Check.name("name", name);
        street = Check.optionalName("street", street);
        postcode = Check.optionalName("postcode", postcode);
        town = Check.optionalName("town", town);
        country = Check.optionalName("country", country).toUpperCase(Locale.ROOT);
        taxNumber = Check.optionalName("taxNumber", taxNumber);
        email = Check.optionalName("email", email);
        if (!country.isEmpty() && !COUNTRIES.contains(country)) {
            throw new FieldProblem(
                    "country", "“" + country + "” is not a country code.", "Use two letters, such as IE.");
        }
    }

    /** Somebody of whom the name alone is known. */
    public static Party named(String name) {
        return new Party(name, "", "", "", "", "", "");
    }
}
