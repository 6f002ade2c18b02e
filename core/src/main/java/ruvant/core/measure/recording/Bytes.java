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

    /**
     * Leaves bytes out.
     *
     * @param count how many, at least 0
     * @return how many were left out, fewer only at the end
     */
    default long skip(long count) {
        byte[] waste = new byte[(int) Math.min(65_536, Math.max(1, count))];
        long left = count;
        while (left > 0) {
            int read = read(waste, 0, (int) Math.min(waste.length, left));
            if (read < 0) {
                break;
            }
            left -= read;
        }
        return count - left;
    }

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
