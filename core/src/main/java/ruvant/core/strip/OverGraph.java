package ruvant.core.strip;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ruvant.core.units.PartName;

/** What lies over each part, directly or not, and how deep it lies; worked out once for all parts of a valley. */
final class OverGraph {
    private final List<PartName> parts;
    private final Map<PartName, Integer> index = new HashMap<>();
    private final BitSet[] direct;
    private final BitSet[] all;
    private final int[] level;

    /** @param over for each part what lies directly over it; there must be no circles */
    OverGraph(Map<PartName, ? extends Map<PartName, ?>> over) {
        parts = new ArrayList<>(over.keySet());
        parts.forEach(part -> index.put(part, index.size()));
        direct = new BitSet[parts.size()];
        all = new BitSet[parts.size()];
        level = new int[parts.size()];
        for (int i = 0; i < direct.length; i++) {
            direct[i] = new BitSet(direct.length);
            BitSet here = direct[i];
            over.get(parts.get(i)).keySet().forEach(upper -> {
                Integer at = index.get(upper);
                if (at != null) {
                    here.set(at);
                }
            });
        }
        for (int i = 0; i < direct.length; i++) {
            reach(i);
        }
    }

    private void reach(int part) {
        if (all[part] != null) {
            return;
        }
        BitSet reached = (BitSet) direct[part].clone();
        int deepest = -1;
        for (int upper = direct[part].nextSetBit(0); upper >= 0; upper = direct[part].nextSetBit(upper + 1)) {
            reach(upper);
            reached.or(all[upper]);
            deepest = Math.max(deepest, level[upper]);
        }
        all[part] = reached;
        level[part] = deepest + 1;
    }

    /** Every part over this one, directly or not. */
    Set<PartName> allOver(PartName part) {
        Set<PartName> over = new LinkedHashSet<>();
        all[index.get(part)].stream().forEach(at -> over.add(parts.get(at)));
        return over;
    }

    /** The longest chain of parts over this one. */
    int level(PartName part) {
        return level[index.get(part)];
    }
}
