package ruvant.core.money;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/** Whole numbers of minor units, rounded once and only where it is said. */
public final class Exact {
    private Exact() {}

    /**
     * a × b ÷ c to the nearest whole number; a half goes away from zero, as merchants round.
     *
     * @param c above 0
     * @throws ArithmeticException where the answer has no room in a long
     */
    public static long ratio(long a, long b, long c) {
        if (c <= 0) {
            throw new IllegalArgumentException("Nothing can be divided by " + c);
        }
        BigInteger product = BigInteger.valueOf(a).multiply(BigInteger.valueOf(b));
        BigInteger[] parts = product.abs().divideAndRemainder(BigInteger.valueOf(c));
        boolean up = parts[1].shiftLeft(1).compareTo(BigInteger.valueOf(c)) >= 0;
        long size = (up ? parts[0].add(BigInteger.ONE) : parts[0]).longValueExact();
        return product.signum() < 0 ? -size : size;
    }

    /** The nearest multiple of a step, such as 5 where the smallest coin is 5; a half goes away from zero. */
    public static long toStep(long minor, long step) {
        return step <= 1 ? minor : Math.multiplyExact(ratio(minor, 1, step), step);
    }

    /**
     * A sum spread over shares so that nothing is lost: each gets its part rounded down, and what is left goes one by one to
     * those that lost most, the earlier of two that lost the same.
     *
     * @param weights 0 or more, in any unit; where all are 0 the first share gets all
     */
    public static long[] spread(long sum, long[] weights) {
        long[] shares = new long[weights.length];
        if (weights.length == 0) {
            return shares;
        }
        BigInteger all = Arrays.stream(weights).mapToObj(BigInteger::valueOf).reduce(BigInteger.ZERO, BigInteger::add);
        if (all.signum() == 0) {
            shares[0] = sum;
            return shares;
        }
        BigInteger size = BigInteger.valueOf(sum).abs();
        BigInteger[] lost = new BigInteger[weights.length];
        long left = Math.absExact(sum);
        for (int at = 0; at < weights.length; at++) {
            BigInteger[] parts = size.multiply(BigInteger.valueOf(weights[at])).divideAndRemainder(all);
            shares[at] = parts[0].longValueExact();
            lost[at] = parts[1];
            left -= shares[at];
        }
        IntStream.range(0, weights.length)
                .boxed()
                .sorted(Comparator.comparing((Integer at) -> lost[at]).reversed())
                .limit(left)
                .forEach(at -> shares[at]++);
        return sum < 0 ? Arrays.stream(shares).map(one -> -one).toArray() : shares;
    }
}
