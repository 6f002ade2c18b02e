package ruvant.server.storage;

import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32C;

/**
 * A checksum over what one row says, so that bytes that flipped on the disk are noticed. It finds accidents; against somebody who
 * means harm it is none.
 */
public final class Seal {
    private static final byte BETWEEN = 0x1f;

    private Seal() {}

    /** The seal of a line, over all that its row says. */
    public static long ofLine(int log, long sequence, String id, String at, String signer, String before, String body) {
        return of(log, sequence, id, at, signer, before, body);
    }

    /** The seal of these values in their order, 0 to 2³² − 1; null counts as a value of its own. */
    static long of(Object... values) {
        CRC32C seal = new CRC32C();
        for (Object value : values) {
            if (value != null) {
                seal.update(value.toString().getBytes(StandardCharsets.UTF_8));
                seal.update(BETWEEN);
            }
            seal.update(BETWEEN);
        }
        return seal.getValue();
    }
}
