package ruvant.core.logline;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.JointKind;

/** Reads what held a part beside fasteners: solder, glue, tabs, hooked springs. */
final class JointReader {
    private static final Map<JointKind, Pattern> SAID = Map.of(
            JointKind.SOLDER, saying("(?:un)?solder(?:ed|ing)?"),
            JointKind.GLUE, saying("glued?"),
            JointKind.PUSH_FIT, saying("push[ -]fit"),
            JointKind.HOOKED_SPRING, saying("hooked springs?|unhooked"),
            JointKind.BENT_TAB, saying("bent tabs?|(?=[0-9]+ ?tabs?\\b)|tabs?"));

    private JointReader() {}

    private static Pattern saying(String words) {
        return Pattern.compile("(?i)(?:" + words + ")(?![a-z]):? *(.*)");
    }

    /** The joint, with what was said about it; a number of tabs is part of that. */
    static Optional<StripEntry.Joint> read(String written) {
        return Arrays.stream(JointKind.values())
                .filter(SAID::containsKey)
                .map(kind -> Map.entry(kind, SAID.get(kind).matcher(written)))
                .filter(one -> one.getValue().matches())
                .findFirst()
                .map(one -> new StripEntry.Joint(one.getKey(), one.getValue().group(1)));
    }
}
