package ruvant.core.signature;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What the firings look like, in a sentence. */
final class PatternWords {
    /** Half of what most houses allow, stops: less is not worth a word. */
    private static final double OFF_EV = 0.15;

    /** More than a healthy mechanical speed scatters, stops. */
    private static final double SCATTERED_EV = 0.12;

    /** The same as for an error: less is not worth a word, stops. */
    private static final double HELD_EV = 0.15;

    /** A sentence with more groups of speeds is not read. */
    private static final int MOST_GROUPS = 4;

    private PatternWords() {}

    private enum Way {
        LATE("late"),
        NEAR("near"),
        SHORT("short");

        final String words;

        Way(String words) {
            this.words = words;
        }
    }

    private record Group(int from, int to, Way way, boolean scattered) {}

    static String of(List<SpeedFirings> speeds, List<Seen> seen) {
        List<String> parts = new ArrayList<>();
        List<Group> groups = groups(seen, true);
        if (groups.size() > MOST_GROUPS) {
            groups = groups(seen, false);
        }
        for (Group group : groups) {
            parts.add(words(group, speeds, seen));
        }
        String scattered = where(speeds, seen, one -> one.level().scatterEv() > SCATTERED_EV);
        if (!scattered.isEmpty() && groups.stream().noneMatch(Group::scattered)) {
            parts.add("scattered at " + scattered);
        }
        extreme(speeds, seen.stream().mapToDouble(one -> one.lensDown().ev()).toArray(), "lens down")
                .ifPresent(parts::add);
        extreme(speeds, seen.stream().mapToDouble(Seen::firstEv).toArray(), "first after a rest")
                .ifPresent(parts::add);
        taper(speeds, seen).ifPresent(parts::add);
        String hung = where(speeds, seen, one -> one.strays().hung() > 0);
        String dropped = where(speeds, seen, one -> one.strays().dropped() > 0);
        if (!hung.isEmpty()) {
            parts.add("hangs at " + hung);
        }
        if (!dropped.isEmpty()) {
            parts.add("falls short at " + dropped);
        }
        String sentence = String.join("; ", parts);
        return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1) + ".";
    }

    private static List<Group> groups(List<Seen> seen, boolean byScatter) {
        List<Group> groups = new ArrayList<>();
        for (int s = 0; s < seen.size(); s++) {
            Seen one = seen.get(s);
            boolean scattered = byScatter && one.level().scatterEv() > SCATTERED_EV;
            double sure = Double.isNaN(one.level().scatterEv())
                    ? OFF_EV
                    : one.level().scatterEv() / Math.sqrt(one.level().counted());
            double limit = Math.max(OFF_EV, 1.5 * sure);
            Way way = one.level().ev() > limit ? Way.LATE : one.level().ev() < -limit ? Way.SHORT : Way.NEAR;
            Group last = groups.isEmpty() ? null : groups.getLast();
            if (last != null && last.way() == way && last.scattered() == scattered) {
                groups.set(groups.size() - 1, new Group(last.from(), s, way, scattered));
            } else {
                groups.add(new Group(s, s, way, scattered));
            }
        }
        return groups;
    }

    private static String words(Group group, List<SpeedFirings> speeds, List<Seen> seen) {
        String which = group.from() == group.to()
                ? speeds.get(group.from()).marked()
                : speeds.get(group.from()).marked() + " to "
                        + speeds.get(group.to()).marked();
        String far = "";
        if (group.way() != Way.NEAR) {
            double low = seen.subList(group.from(), group.to() + 1).stream()
                    .mapToDouble(one -> Math.abs(one.level().ev()))
                    .min()
                    .orElse(0);
            double high = seen.subList(group.from(), group.to() + 1).stream()
                    .mapToDouble(one -> Math.abs(one.level().ev()))
                    .max()
                    .orElse(0);
            far = high - low < 0.1
                    ? String.format(Locale.ROOT, " by %.1f EV", (low + high) / 2)
                    : String.format(Locale.ROOT, " by %.1f to %.1f EV", low, high);
        }
        return which + " " + group.way().words + far + (group.scattered() ? " and scattered" : "");
    }

    private static Optional<String> extreme(List<SpeedFirings> speeds, double[] values, String what) {
        int at = -1;
        for (int i = 0; i < values.length; i++) {
            if (!Double.isNaN(values[i]) && (at < 0 || Math.abs(values[i]) > Math.abs(values[at]))) {
                at = i;
            }
        }
        if (at < 0 || Math.abs(values[at]) < HELD_EV) {
            return Optional.empty();
        }
        return Optional.of(what + " " + (values[at] > 0 ? "longer" : "shorter") + " by up to "
                + String.format(Locale.ROOT, "%.1f EV", Math.abs(values[at])) + " ("
                + speeds.get(at).marked() + ")");
    }

    private static Optional<String> taper(List<SpeedFirings> speeds, List<Seen> seen) {
        Seen fastest = seen.getLast();
        int last = fastest.places().length - 1;
        double taper = fastest.contrast().ev()[last] - fastest.contrast().ev()[0];
        if (Math.abs(taper) < HELD_EV) {
            return Optional.empty();
        }
        return Optional.of(speeds.getLast().marked() + " gets " + (taper > 0 ? "longer" : "shorter")
                + String.format(Locale.ROOT, " toward the end of the gate by %.1f EV", Math.abs(taper)));
    }

    private static String where(List<SpeedFirings> speeds, List<Seen> seen, Predicate<Seen> holds) {
        return IntStream.range(0, speeds.size())
                .filter(s -> holds.test(seen.get(s)))
                .mapToObj(s -> speeds.get(s).marked())
                .collect(Collectors.joining(", "));
    }
}
