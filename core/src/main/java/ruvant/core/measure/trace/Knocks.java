package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Knocks of a cable or a plug: within milliseconds the recording swings to one side, as fast to the other, and is back where it
 * was. No shutter does that: its light only goes one way, and a coupled input comes back slowly. They are bridged before anything
 * else is asked of the recording.
 *
 * @param stretches in blocks, in order of time
 */
record Knocks(List<Stretch> stretches, double blockSeconds) {
    /** Four hundred swings a second and more; slower ones are hum or a shaken table. */
    private static final double LONGEST_SWING_SECONDS = 0.0016;

    /** Wires come to rest within it. */
    private static final double LONGEST_SECONDS = 0.02;

    /** Where it came from is seen from 5 to 1 ms before. */
    private static final double BEFORE_FROM_SECONDS = 0.005;

    private static final double BEFORE_TO_SECONDS = 0.001;

    /** As a part of the first swing; what is smaller is hum or the end of the knock. */
    private static final double SWINGS = 0.35;

    /** What is left below that sinks on for so many times as long as it took to get there. */
    private static final double SINKS_ON = 1.5;

    /** So many standard deviations some thirty blocks of noise span at most. */
    private static final double RANGE_OF_NOISE = 6;

    /** What may go on before, as a part of the first swing. */
    private static final double CALM = 0.4;

    /** Standard deviations of a block. */
    private static final double SURE = 8;

    /** The same for the swing back. */
    private static final double SURE_BACK = 5;

    /** What swings dies away; where it grows, something else begins. */
    private static final double GROWS = 1.25;

    /** As a part of the largest swing of the recording; smaller ones move no firing. */
    private static final double LEAST_PART = 0.1;

    /** Bridged on either side of it. */
    private static final double MARGIN_SECONDS = 0.0006;

    /** Blocks, {@code to} not included. */
    record Stretch(int from, int to) {}

    static Knocks in(float[] blocks, double blockSeconds, double noise) {
        int from = (int) (BEFORE_FROM_SECONDS / blockSeconds);
        int to = (int) (BEFORE_TO_SECONDS / blockSeconds);
        int length = (int) (LONGEST_SECONDS / blockSeconds);
        int margin = (int) Math.ceil(MARGIN_SECONDS / blockSeconds);
        float least = Float.MAX_VALUE;
        float most = -Float.MAX_VALUE;
        for (float block : blocks) {
            least = Math.min(least, block);
            most = Math.max(most, block);
        }
        double counts = Math.max(SURE * noise, LEAST_PART * (most - least));
        List<Stretch> found = new ArrayList<>();
        double sum = 0;
        for (int i = from; i + length < blocks.length; i++) {
            if (i == from) {
                for (int k = i - from; k < i - to; k++) {
                    sum += blocks[k];
                }
            } else {
                sum += blocks[i - to - 1] - blocks[i - from - 1];
            }
            double base = sum / (from - to);
            if (Math.abs(blocks[i] - base) > counts) {
                int end = end(blocks, i, base, length, noise, blockSeconds);
                if (end > 0 && isCalm(blocks, i - from, i - to, swing(blocks, i, end, base), noise)) {
                    int begin = Math.max(0, i - margin);
                    found.add(new Stretch(begin, Math.min(blocks.length, end + margin)));
                    i = end + margin + from;
                    sum = 0;
                    for (int k = Math.max(0, i - from + 1); k < Math.min(blocks.length, i - to + 1); k++) {
                        sum += blocks[k];
                    }
                }
            }
        }
        return new Knocks(List.copyOf(found), blockSeconds);
    }

    private static double swing(float[] blocks, int from, int to, double base) {
        double most = 0;
        for (int i = from; i < to; i++) {
            most = Math.max(most, Math.abs(blocks[i] - base));
        }
        return most;
    }

    /** Whether nothing happens in a stretch: a knock begins out of the calm, a rebound soon behind a closing. */
    private static boolean isCalm(float[] blocks, int from, int to, double swing, double noise) {
        float least = Float.MAX_VALUE;
        float most = -Float.MAX_VALUE;
        for (int i = from; i < to; i++) {
            least = Math.min(least, blocks[i]);
            most = Math.max(most, blocks[i]);
        }
        return most - least < Math.max(RANGE_OF_NOISE * noise, CALM * swing);
    }

    /** Block at which a knock that begins at a place is over; 0 where it is none. */
    private static int end(float[] blocks, int begin, double base, int length, double noise, double blockSeconds) {
        int longest = (int) Math.ceil(LONGEST_SWING_SECONDS / blockSeconds);
        double first = 0;
        int sign = blocks[begin] > base ? 1 : -1;
        int swings = 1;
        int since = begin;
        int last = begin;
        for (int i = begin; i < begin + length; i++) {
            double apart = blocks[i] - base;
            if (swings == 1) {
                first = Math.max(first, sign * apart);
            }
            if (swings > 1 && Math.abs(apart) > GROWS * first) {
                return 0;
            }
            if (sign * apart < -Math.max(SWINGS * first, SURE_BACK * noise)) {
                if (i - since > longest) {
                    return 0;
                }
                swings++;
                sign = -sign;
                since = i;
            }
            if (Math.abs(apart) > SWINGS * first) {
                last = i;
            } else if (i - last > longest) {
                break;
            }
            if (swings == 1 && i - since > longest) {
                return 0;
            }
        }
        boolean rests = last + 1 < begin + length;
        int sinks = (int) (SINKS_ON * (last + 1 - begin));
        return swings >= 2 && rests ? Math.min(begin + length, last + 1 + sinks) : 0;
    }

    /** The blocks with a straight line over each knock. */
    float[] bridged(float[] blocks) {
        if (stretches.isEmpty()) {
            return blocks;
        }
        float[] calm = blocks.clone();
        for (Stretch one : stretches) {
            bridge(calm, one.from(), one.to());
        }
        return calm;
    }

    /**
     * Bridges samples.
     *
     * @param from recording's sample at which they begin
     */
    void bridge(float[] samples, long from, double rateHz) {
        for (Stretch one : stretches) {
            int begin = (int) Math.clamp(Math.round(one.from() * blockSeconds * rateHz) - from, 0, samples.length);
            int end = (int) Math.clamp(Math.round(one.to() * blockSeconds * rateHz) - from, 0, samples.length);
            if (end > begin) {
                bridge(samples, begin, end);
            }
        }
    }

    private static void bridge(float[] values, int from, int to) {
        int beside = Math.max(2, (to - from) / 4);
        double before = mean(values, from - beside, from);
        double after = mean(values, to, to + beside);
        before = Double.isNaN(before) ? after : before;
        after = Double.isNaN(after) ? before : after;
        for (int i = from; i < to; i++) {
            values[i] = (float) (before + (after - before) * (i - from) / (to - from));
        }
    }

    private static double mean(float[] values, int from, int to) {
        double sum = 0;
        int count = 0;
        for (int i = Math.max(0, from); i < Math.min(values.length, to); i++) {
            sum += values[i];
            count++;
        }
        return sum / count;
    }
}
