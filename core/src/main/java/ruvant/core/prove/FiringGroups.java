package ruvant.core.prove;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.adjust.WhatMoves;
import ruvant.core.trade.Phase;
import ruvant.core.units.Named;

/**
 * Firings of one state of the camera belong together; whatever is done to the mechanism begins another group. A turn of an
 * adjuster begins one for the speeds it moves only.
 *
 * @param begun what was done before the second group and each later one
 */
public record FiringGroups(List<Begun> begun) {
    /**
     * What began a group.
     *
     * @param work whether the mechanism was worked on, which touches every speed
     * @param turned adjusters that were turned
     */
    public record Begun(boolean work, Set<Named> turned) {
        private boolean touches(String speed, WhatMoves moves) {
            return work || turned.stream().anyMatch(adjuster -> moves.moves(adjuster, Named.of(speed)));
        }
    }

    /** Groups while the log is read. */
    static final class Counting {
        private final List<Begun> begun = new ArrayList<>();
        private boolean fired;
        private boolean work;
        private final Set<Named> turned = new LinkedHashSet<>();

        /** The group of a set of firings that is made now. */
        int firing() {
            if (work || !turned.isEmpty()) {
                begun.add(new Begun(work, Set.copyOf(turned)));
                work = false;
                turned.clear();
            }
            fired = true;
            return begun.size();
        }

        void worked() {
            work = fired;
        }

        void turned(Named adjuster) {
            if (fired) {
                turned.add(adjuster);
            }
        }

        /** What was done since the last firing begins a group, too, though nothing was fired in it yet. */
        FiringGroups groups() {
            List<Begun> all = new ArrayList<>(begun);
            if (work || !turned.isEmpty()) {
                all.add(new Begun(work, Set.copyOf(turned)));
            }
            return new FiringGroups(List.copyOf(all));
        }
    }

    /**
     * Which sets of firings say how the camera is: after the work, those that nothing came after which touched their
     * speed; before it, those of each speed's first group, since that is how the camera came in.
     *
     * @param moves what is known of its adjusters
     */
    Set<UUID> counting(List<ProvePicture.Timed> timed, WhatMoves moves) {
        Map<String, Integer> first = timed.stream()
                .filter(run -> run.how().phase() == Phase.BEFORE)
                .collect(Collectors.toMap(ProvePicture.Timed::speed, ProvePicture.Timed::group, Math::min));
        Set<UUID> counting = new HashSet<>();
        for (ProvePicture.Timed run : timed) {
            boolean stands = run.how().phase() == Phase.AFTER
                    ? untouched(run.speed(), run.group(), begun.size(), moves)
                    : untouched(run.speed(), first.get(run.speed()), run.group(), moves);
            if (stands) {
                counting.add(run.id());
            }
        }
        return Set.copyOf(counting);
    }

    private boolean untouched(String speed, int from, int to, WhatMoves moves) {
        return begun.subList(from, to).stream().noneMatch(one -> one.touches(speed, moves));
    }
}
