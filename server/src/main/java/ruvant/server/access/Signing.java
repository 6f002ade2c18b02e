package ruvant.server.access;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.NewLine;
import ruvant.core.log.RecordEntry;
import ruvant.core.people.Access;
import ruvant.core.people.Right;
import ruvant.core.people.RightToLog;
import ruvant.core.units.TagNumber;

/**
 * Holds what is added to a log against who adds it. A line that one person wrote is never signed by the next one at the same
 * bench: it waits until its writer is signed in again.
 */
public final class Signing {
    private Signing() {}

    /**
     * @throws NotAllowedException if another person is signed in than the one who signs, or that one may not log this
     */
    public static void check(Log<?> log, String by, List<NewLine> added) {
        Optional<Access> asking = SignedIn.now();
        if (asking.isEmpty()) {
            return;
        }
        Access access = asking.get();
        if (!access.name().isEmpty() && !access.name().equals(by)) {
            throw new NotAllowedException(
                    "signedByAnother",
                    "This is from " + by + ", and " + access.name() + " is signed in.",
                    "It is kept here until " + by + " signs in.");
        }
        Optional<TagNumber> job =
                Optional.of(log.name().text()).filter(TagNumber::isTag).map(TagNumber::parse);
        Map<UUID, Entry> known = added.stream().anyMatch(one -> one.entry() instanceof RecordEntry)
                ? log.lines().stream().collect(Collectors.toMap(Line::id, Line::entry))
                : Map.of();
        Predicate<Right> has = right -> job.map(tag -> access.may(right, tag)).orElseGet(() -> access.may(right));
        if (!added.stream()
                .allMatch(line -> RightToLog.mayLog(line.entry(), has, id -> Optional.ofNullable(known.get(id))))) {
            throw notAllowed();
        }
    }

    /** For what a role does not allow. */
    public static NotAllowedException notAllowed() {
        return new NotAllowedException(
                "notAllowed",
                "Your account does not allow this. Nothing was changed.",
                "Ask the owner of the shop to do it, or to allow it under Settings, People and devices.");
    }

    /** For what a role does not show. */
    public static NotAllowedException notShown() {
        return new NotAllowedException(
                "notAllowed",
                "Your account does not show this.",
                "Ask the owner of the shop, who can allow it under Settings, People and devices.");
    }

    /** @throws NotAllowedException if whoever asks may not read something that concerns the whole shop */
    public static void needs(Right right) {
        if (SignedIn.now().map(access -> !access.may(right)).orElse(false)) {
            throw notShown();
        }
    }
}
