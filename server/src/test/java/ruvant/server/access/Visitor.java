package ruvant.server.access;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ruvant.core.people.Person;
import ruvant.core.people.Role;
import ruvant.core.units.TagNumber;
import ruvant.server.Shop;
import ruvant.server.Started;

/** Somebody at a Ruvant that wants people, with cookies of their own. */
public final class Visitor {
    public static final String PASSPHRASE = "seven grey gulls asleep";

    private Visitor() {}

    /** A Ruvant that others can reach. */
    public static Started shop(String... more) {
        return shop(List.of(), more);
    }

    /** The same with parts of the house replaced. */
    public static Started shop(List<Class<?>> replaced, String... more) {
        String[] all = java.util.Arrays.copyOf(more, more.length + 2);
        all[more.length] = "--ruvant.address=0.0.0.0";
        all[more.length + 1] = "--ruvant.secure-port=0";
        return Started.on(Started.folder(), replaced, all);
    }

    /** The first owner comes in by the code that was printed. */
    public static Shop owner(Started started, String code) {
        Shop shop = started.shop();
        Shop.Answer answer =
                shop.post("/api/enter/code", Shop.json(Map.of("code", code, "name", "Ada", "passphrase", PASSPHRASE)));
        if (answer.status() != 200) {
            throw new AssertionError(answer);
        }
        return shop;
    }

    /** The owner makes an account, and its holder signs in. */
    public static Shop with(Started started, Shop owner, Person person) {
        Shop.Answer made = owner.post("/api/people", Shop.json(Map.of("person", person, "passphrase", PASSPHRASE)));
        if (made.status() != 200) {
            throw new AssertionError(made);
        }
        Shop shop = started.shop();
        Shop.Answer in = shop.post(
                "/api/enter/passphrase",
                Shop.json(Map.of("name", person.name(), "passphrase", PASSPHRASE, "bench", "")));
        if (in.status() != 200) {
            throw new AssertionError(in);
        }
        return shop;
    }

    /** An account that is not there yet. */
    public static Person person(String name, Role role, boolean money, boolean customers) {
        return new Person(
                UUID.randomUUID(), name, role, role == Role.GUEST ? new TagNumber(1) : null, money, customers);
    }
}
