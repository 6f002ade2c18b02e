package ruvant.core.log;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ruvant.core.units.Refusal;

/**
 * Whether lines may be added to a log of one kind, and what the log then is.
 *
 */
public final class Kernel {
    /** A line typed while the server was away keeps its time, unless that is longer ago than anybody waits. */
    private static final Duration OLDEST_SAID = Duration.ofDays(7);

    private final Rooms rooms;
    private final Function<Folding, Standing> standing;
    private final Function<Folds, Names> names;

    /** @param standing how things stand after the lines that were folded; asked once for each line added */
    public Kernel(Rooms rooms, Function<Folding, Standing> standing) {
        this(rooms, standing, folds -> Names.NONE);
    }

    /**
     * @param standing how things stand after the lines that were folded; asked once for each line added
     * @param names what things are called after the lines that were folded
     */
    public Kernel(Rooms rooms, Function<Folding, Standing> standing, Function<Folds, Names> names) {
        this.rooms = rooms;
        this.standing = standing;
        this.names = names;
    }

    /**
     * What comes of adding lines: a refusal, or the log as it then is.
     *
     * @param folded empty exactly when refused
     */
    public record Outcome<E extends Entry>(Optional<Refusal> refusal, Log<E> log, Optional<Folded> folded) {}

    /**
     * A log already read, to be carried on from. It is used once: whoever adds to it takes it along, and gets another with
     * the outcome.
     *
     * @param lastSequence the last line that is in it
     * @param ids of all its lines, so that asking whether a line is there need not go through a long log
     */
    public record Folded(Folding folding, long lastSequence, Set<UUID> ids) {
        private boolean isOf(Log<?> log) {
            return lastSequence == log.lastSequence();
        }
    }

    /**
     * New lines as they would stand in a log: those that are there already left out, the others numbered.
     *
     * @param now when they arrived; a line that was typed earlier keeps its time within a week
     * @param earlier this log as folded when it was last added to
     */
    public static List<Line> numbered(
            Log<?> log, String by, List<NewLine> added, Instant now, Optional<Folded> earlier) {
        Set<UUID> known =
                earlier.filter(folded -> folded.isOf(log)).map(Folded::ids).orElseGet(() -> ids(log));
        Set<UUID> fresh = added.stream()
                .map(NewLine::id)
                .filter(id -> !known.contains(id))
                .collect(Collectors.toCollection(HashSet::new));
        List<Line> lines = new ArrayList<>();
        long sequence = log.lastSequence();
        for (NewLine line : added) {
            if (fresh.remove(line.id())) {
                Instant said = line.saidAt();
                boolean keep = said != null && !said.isAfter(now) && said.isAfter(now.minus(OLDEST_SAID));
                lines.add(new Line(line.id(), ++sequence, keep ? said : now, by, line.before(), line.entry()));
            }
        }
        return lines;
    }

    private static Set<UUID> ids(Log<?> log) {
        return log.lines().stream().map(Line::id).collect(Collectors.toCollection(HashSet::new));
    }

    /** Why these lines cannot be added, in this order, as one; empty when they can. */
    public <E extends Entry> Optional<Refusal> refusal(Log<E> log, List<Line> added) {
        return added(log, added, Optional.empty()).refusal();
    }

    /**
     * Adds lines, in this order, as one. The log is folded once for both, the rules and the picture.
     *
     * @param log the log as it stands
     * @param added lines that would follow it
     * @param earlier this log as folded when it was last added to; where it is not that log, it is read again
     */
    public <E extends Entry> Outcome<E> added(Log<E> log, List<Line> added, Optional<Folded> earlier) {
        added.forEach(line -> rooms.check(said(line)));
        Log<E> after = log.plus(added);
        boolean reachesBack = added.stream().anyMatch(Kernel::reachesBack);
        Optional<Folded> known = earlier.filter(folded -> folded.isOf(log));
        Optional<Folding> carriedOn = known.filter(folded -> !reachesBack).map(Folded::folding);
        Folding folding = carriedOn.orElseGet(() -> new Folding(rooms));
        Optional<Refusal> refused =
                damaged(log).or(() -> touchesWhatStands(log, added)).or(() -> strikes(log, added));
        if (refused.isEmpty()) {
            refused = reachesBack
                    ? replay(folding, log, after, added)
                    : follow(folding, carriedOn.isPresent() ? List.of() : log.counted(), added);
        }
        if (refused.isPresent()) {
            return new Outcome<>(refused, log, Optional.empty());
        }
        Set<UUID> ids = known.map(Folded::ids).orElseGet(() -> ids(log));
        added.forEach(line -> ids.add(line.id()));
        return new Outcome<>(Optional.empty(), after, Optional.of(new Folded(folding, after.lastSequence(), ids)));
    }

    /** What comes after a line that nobody can read may rest on it: a damaged log is only to be read. */
    private static Optional<Refusal> damaged(Log<?> log) {
        List<Line> unreadable = log.unreadable();
        return unreadable.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Refusal(
                                "damaged",
                                "Line " + unreadable.getFirst().sequence()
                                        + " of this record cannot be read, so nothing can be added to it.",
                                "Everything that can be read is shown. Restore the newest backup that still has the line, or log on a new job."));
    }

    private static Refusal nobodyLogs() {
        return new Refusal(
                "nobodyLogs",
                "A line that cannot be read stands only where one was damaged.",
                "Log what was done instead.");
    }

    private Optional<Refusal> follow(Folding folding, List<Line> counted, List<Line> added) {
        counted.forEach(folding::take);
        for (Line line : added) {
            Optional<Refusal> refused = folding.objection(line).or(() -> unwise(folding, line));
            if (refused.isPresent()) {
                return refused;
            }
            folding.take(line);
        }
        return Optional.empty();
    }

    private Optional<Refusal> unwise(Folding folding, Line line) {
        return rooms.rule(line.entry(), standing.apply(folding));
    }

    /** What a line says of the work: for a change of another line, what that says from now on. */
    private static Entry said(Line line) {
        return line.entry() instanceof RecordEntry.Amended amended ? amended.entry() : line.entry();
    }

    private static boolean reachesBack(Line line) {
        return line.before() != null || line.entry() instanceof RecordEntry;
    }

    /** What stands for good is not reached back to: no line about it, and no place of its own choosing for it. */
    private Optional<Refusal> touchesWhatStands(Log<?> log, List<Line> added) {
        boolean touched = added.stream().anyMatch(line -> switch (line.entry()) {
            case RecordEntry.Struck strike -> stands(log, strike.target());
            case RecordEntry.StrikeUndone undone -> false;
            case RecordEntry.Unreadable damaged -> false;
            case RecordEntry.Amended amended -> stands(log, amended.target());
            default -> line.before() != null && rooms.has(line.entry(), Lasting.STANDS);
        });
        return touched
                ? Optional.of(new Refusal(
                        "standsForGood",
                        "That went out under its number and stays as it is.",
                        "Put it right with a new paper, such as a credit note."))
                : Optional.empty();
    }

    private boolean stands(Log<?> log, UUID target) {
        return log.find(target)
                .filter(line -> rooms.has(line.entry(), Lasting.STANDS))
                .isPresent();
    }

    private static Optional<Refusal> strikes(Log<?> log, List<Line> added) {
        boolean aboutLines = added.stream().anyMatch(line -> line.entry() instanceof RecordEntry);
        Set<UUID> struck = aboutLines ? new HashSet<>(log.struck().keySet()) : Set.of();
        Set<UUID> seen = new HashSet<>();
        for (Line line : added) {
            Optional<Refusal> refused = line.entry() instanceof RecordEntry record
                    ? switch (record) {
                        case RecordEntry.Struck strike -> strikable(log, strike.target(), struck, seen);
                        case RecordEntry.StrikeUndone undone -> undoable(undone.target(), struck);
                        case RecordEntry.Amended amended -> amendable(log, amended, struck);
                        case RecordEntry.Unreadable damaged -> Optional.of(nobodyLogs());
                    }
                    : anchor(log, line);
            if (refused.isPresent()) {
                return refused;
            }
            seen.add(line.id());
        }
        return Optional.empty();
    }

    private static Optional<Refusal> undoable(UUID target, Set<UUID> struck) {
        return struck.remove(target)
                ? Optional.empty()
                : Optional.of(new Refusal("notStruck", "That line already counts.", "There is nothing to restore."));
    }

    private static Optional<Refusal> strikable(Log<?> log, UUID target, Set<UUID> struck, Set<UUID> seen) {
        Optional<Line> line = log.find(target);
        if (line.isEmpty() && !seen.contains(target)) {
            return Optional.of(
                    new Refusal("lineUnknown", "That line is not in this record.", "Choose a line of this record."));
        }
        if (line.isPresent()
                && line.get().entry() instanceof RecordEntry about
                && !(about instanceof RecordEntry.Amended)) {
            return Optional.of(new Refusal(
                    "strikeOfStrike", "A strike-out can be undone, but not struck out.", "Restore the line instead."));
        }
        return struck.add(target)
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "struckTwice", "That line is already struck out.", "There is nothing to strike out."));
    }

    private static Optional<Refusal> amendable(Log<?> log, RecordEntry.Amended amended, Set<UUID> struck) {
        Optional<Line> line = log.find(amended.target());
        if (line.isEmpty() || line.get().entry() instanceof RecordEntry) {
            return Optional.of(new Refusal(
                    "lineUnknown", "The line to change is not in this record.", "Choose a line of this record."));
        }
        if (struck.contains(amended.target())) {
            return Optional.of(new Refusal(
                    "struckTwice",
                    "That line is struck out.",
                    "Restore it first, or log what is right as a new line."));
        }
        return line.get().entry().getClass() == amended.entry().getClass()
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "otherKind",
                        "A line can be changed, but not into one of another kind.",
                        "Strike it out and log the other."));
    }

    private static Optional<Refusal> anchor(Log<?> log, Line line) {
        return line.before() == null || log.find(line.before()).isPresent()
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "lineUnknown",
                        "The line it happened before is not in this record.",
                        "Choose a line of this record."));
    }

    /** After a strike or a late entry the whole log is read again: each later line must still make sense. */
    private Optional<Refusal> replay(Folding folding, Log<?> log, Log<?> after, List<Line> added) {
        Set<UUID> fresh = added.stream()
                .map(line -> line.entry() instanceof RecordEntry.Amended amended ? amended.target() : line.id())
                .collect(Collectors.toSet());
        for (Line line : after.counted()) {
            Optional<Refusal> refused = folding.objection(line);
            boolean isFresh = fresh.contains(line.id());
            if (refused.isEmpty() && isFresh) {
                refused = unwise(folding, line);
            }
            if (refused.isPresent()) {
                return isFresh ? refused : Optional.of(restsOn(log, after, added));
            }
            folding.take(line);
        }
        return Optional.empty();
    }

    private Refusal restsOn(Log<?> log, Log<?> after, List<Line> added) {
        Names called = names.apply(Folding.of(rooms, log));
        List<Line> resting = resting(after);
        boolean amends = added.stream().anyMatch(line -> line.entry() instanceof RecordEntry.Amended);
        boolean strike = added.stream().anyMatch(line -> line.entry() instanceof RecordEntry);
        String words = resting.stream()
                .map(line -> "line " + line.sequence() + ", " + rooms.words(line.entry(), called))
                .collect(Collectors.joining("; "));
        return new Refusal(
                "restsOnIt",
                (resting.size() == 1 ? "A later line depends" : resting.size() + " later lines depend") + " on this: "
                        + words + ".",
                amends
                        ? "Change or strike out those together with it, or leave it."
                        : strike
                                ? "Strike them out together, or leave it."
                                : "Strike those out first, or log it without a place in the order.");
    }

    /**
     * The lines that would make no sense any more in this log, oldest first: those to strike along with what was struck.
     */
    public List<Line> resting(Log<?> after) {
        List<Line> resting = new ArrayList<>();
        Folding folding = new Folding(rooms);
        for (Line line : after.counted()) {
            if (folding.objection(line).isPresent()) {
                resting.add(line);
            } else {
                folding.take(line);
            }
        }
        return resting;
    }

    /**
     * Lines that others added since a view was taken and that put something in place of the very thing that these lines
     * would replace: whoever wrote these has not seen them.
     *
     * @param basedOn the last sequence of the view on which the lines were made; 0 where there was none
     */
    public List<Line> unseen(Log<?> log, long basedOn, List<Line> added) {
        Map<String, Line> since = new HashMap<>();
        Set<UUID> struck = log.struck().keySet();
        log.after(basedOn).stream()
                .filter(line -> !struck.contains(line.id()))
                .forEach(line -> rooms.replaces(line.entry()).forEach(what -> since.put(what, line)));
        return added.stream()
                .flatMap(line -> rooms.replaces(line.entry()).stream())
                .map(since::get)
                .filter(line -> line != null)
                .distinct()
                .toList();
    }
}
