package ruvant.core.measure.recording;

/** Where the bytes of a recording come from; whoever has a file, an upload or a socket hands this in. */
@FunctionalInterface
public interface Bytes {
    /**
     * Reads on.
     *
     * @param into where the bytes go, from {@code offset} on
     * @param length how many at most, at least 1
     * @return how many were read, at least 1; -1 at the end
     */
    int read(byte[] into, int offset, int length);

    /** Bytes that are at hand already. */
    static Bytes of(byte[] all) {
        int[] at = {0};
        return (into, offset, length) -> {
            if (at[0] == all.length) {
                return -1;
            }
            int count = Math.min(length, all.length - at[0]);
            System.arraycopy(all, at[0], into, offset, count);
            at[0] += count;
            return count;
        };
    }
}
