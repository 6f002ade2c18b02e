package ruvant.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ruvant.core.people.Role;
import ruvant.server.network.Network;

/**
 * The code by which the first owner comes in: it is shown in the window that started Ruvant, where nobody else reads it, works
 * once, and is another one at each start. It also lets an owner in who forgot the passphrase.
 */
@Component
class FirstCode {
    private final PersonStore people;
    private final Network network;
    private final boolean wanted;
    private final String code;
    private boolean used;

    FirstCode(
            PersonStore people, Network network, Secrets secrets, @Value("${ruvant.new-owner:false}") boolean wanted) {
        this.people = people;
        this.network = network;
        this.wanted = wanted;
        this.code = secrets.code();
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (isOpen()) {
            System.out.println((isOwned()
                            ? "To give a shop owner a new passphrase, enter this code: "
                            : "Nobody has an account yet. To make the shop owner's, enter this code: ")
                    + code + "\n");
        }
    }

    /** Whether it would be taken now. */
    synchronized boolean isOpen() {
        return network.isOpen() && !used && (wanted || !isOwned());
    }

    boolean isOwned() {
        return people.all().stream().anyMatch(one -> one.person().role() == Role.OWNER);
    }

    /** Takes the code where it is the right one, once. */
    synchronized boolean take(String typed) {
        byte[] given = typed.strip().toLowerCase(Locale.ROOT).replace("-", "").getBytes(StandardCharsets.UTF_8);
        boolean right =
                isOpen() && MessageDigest.isEqual(given, code.replace("-", "").getBytes(StandardCharsets.UTF_8));
        used |= right;
        return right;
    }

    /** What was printed. */
    String code() {
        return code;
    }
}
