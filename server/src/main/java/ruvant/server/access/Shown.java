package ruvant.server.access;

import java.util.Set;
import java.util.function.Supplier;
import ruvant.core.log.Entry;
import ruvant.core.people.Access;
import ruvant.core.people.Right;
import ruvant.core.people.RightToLog;

/** What is shown to whoever asks now. Where the shop itself is at work and nobody asked, everything is. */
public final class Shown {
    /** What stands where somebody may not see the words of a line. */
    public static final String INSTEAD_OF_WORDS = "This line is not shown to you.";

    private Shown() {}

    /** Whether whoever asks has all these rights. */
    public static boolean to(Set<Right> rights) {
        return SignedIn.now()
                .map(Access::rights)
                .map(has -> has.containsAll(rights))
                .orElse(true);
    }

    /** The words of a line, or what stands in their place. */
    public static String words(Entry entry, Supplier<String> words) {
        return to(RightToLog.toSee(entry)) ? words.get() : INSTEAD_OF_WORDS;
    }
}
