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

    /** The seal of these values in their order, 0 to 2³² − 1; null counts as a value of its own. */
    public static long of(Object... values) {
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
