package ruvant.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import ruvant.server.access.NotAllowedException;

/**
 * Makes secrets and compares them. What people think up is hashed slowly with Argon2; what is drawn at random cannot be guessed
 * and needs a plain fingerprint only.
 */
@Component
final class Secrets {
    private static final int BYTES = 32;
    /** Without letters and figures that look alike, since it is read off one screen and typed on another. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private final SecureRandom random = new SecureRandom();
    private final PasswordEncoder slow = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    /** Each comparison takes 16 MB and a core for a moment; more at once would slow the whole shop down. */
    private final Semaphore atOnce = new Semaphore(2);
    /** Compared with where there is no such account, so that the time taken does not tell. */
    private final String nobody = slow.encode("nobody has this one");

    /** A secret nobody can guess. */
    String drawn() {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** A short code for a few minutes, such as {@code k7pm-x3fh}. */
    String code() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < 8; i++) {
            code.append(i == 4 ? "-" : "").append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return code.toString();
    }

    /** By which a drawn secret is found again; it does not give it away. */
    static String fingerprint(String secret) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** How a thought-up secret is kept. */
    String kept(String thoughtUp) {
        return inTurn(() -> slow.encode(thoughtUp));
    }

    /** Whether it is the one that is kept; takes as long where none is. */
    boolean matches(String typed, String kept) {
        boolean same = inTurn(() -> slow.matches(typed, kept.isEmpty() ? nobody : kept));
        return same && !kept.isEmpty();
    }

    private <T> T inTurn(java.util.function.Supplier<T> what) {
        try {
            if (!atOnce.tryAcquire(5, TimeUnit.SECONDS)) {
                throw new NotAllowedException(
                        "tooManyGuesses", "Too many people are signing in at once.", "Try again in a moment.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
        try {
            return what.get();
        } finally {
            atOnce.release();
        }
    }
}
