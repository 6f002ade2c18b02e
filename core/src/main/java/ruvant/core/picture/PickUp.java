package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import ruvant.core.log.Line;
import ruvant.core.people.Right;
import ruvant.core.people.RightToLog;
import ruvant.core.strip.Trays;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.MechanismState;

/**
 * Where a camera is, for whoever sits down to it again after days, perhaps another person.
 *
 * @param lastAt when something was last done; the hand-written rest follows from it
 * @param last the last few things that were done, newest first
 * @param halfDone begun and not finished
 * @param standing how the mechanism stands, as far as it is known
 * @param ranOut waits that were over since
 * @param looseIn wells with pieces in them, in words; at most a handful are named
 */
public record PickUp(
        Instant lastAt,
        List<Done> last,
        List<String> halfDone,
        List<String> standing,
        List<String> ranOut,
        String looseIn) {

    /**
     * One thing done.
     *
     * @param toSee what somebody must be allowed to see to be shown the words
     */
    public record Done(Instant at, String by, String words, Set<Right> toSee) {}

    /** The panel for this moment. */
    public static PickUp of(JobPicture picture, Trays trays, Instant now) {
        Instant lastAt = picture.course().last().map(Line::at).orElse(now);
        List<Done> last = picture.course().lately().reversed().stream()
                .map(line -> new Done(
                        line.at(), line.by(), JobRooms.ALL.words(line.entry()), RightToLog.toSee(line.entry())))
                .toList();
        return new PickUp(
                lastAt,
                last,
                halfDone(picture),
                picture.notes().states().values().stream()
                        .sorted(Comparator.naturalOrder())
                        .map(MechanismState::label)
                        .toList(),
                picture.treat().over(now).stream()
                        .map(wait -> wait.what() + (wait.part() == null ? "" : ", " + wait.part()))
                        .toList(),
                loose(trays));
    }

    private static List<String> halfDone(JobPicture picture) {
        List<String> half = new ArrayList<>();
        picture.refitting()
                .trial()
                .ifPresent(trial -> half.add(
                        "trial assembly together" + lead(": ", trial.what().how())));
        picture.valley().out().stream()
                .filter(part -> part.triedAt().isPresent())
                .forEach(part -> half.add(part.name() + " is in its place, not fixed"));
        picture.notes().letDown().forEach(spring -> half.add(spring.name() + " is let down"));
        picture.valley().out().stream()
                .filter(PickUp::gateBegun)
                .forEach(part -> half.add("checks before " + part.name() + " begun"));
        picture.sitting().decisions().stream()
                .filter(one -> one.decided().open())
                .forEach(one -> half.add("to decide: " + one.decided().text()));
        picture.notes().stuck().stream()
                .filter(stuck -> !stuck.freed())
                .forEach(stuck -> half.add("stuck: " + stuck.fastener() + " of " + stuck.part()));
        picture.album()
                .toCome()
                .forEach(one -> half.add("picture to add: " + one.what().shows()));
        picture.sitting().lacking().forEach(tool -> half.add("waiting for a tool: " + tool.name()));
        picture.parts().openNeeds().forEach(need -> half.add("needed: " + need.what()));
        return half;
    }

    private static boolean gateBegun(ValleyPart part) {
        return !part.openChecks().isEmpty()
                && part.openChecks().size() < part.checks().size();
    }

    private static String loose(Trays trays) {
        if (trays.wells().isEmpty()) {
            return "";
        }
        String first = String.join(
                " ",
                trays.wells().stream()
                        .limit(8)
                        .map(well -> well.name().toString())
                        .toList());
        return first + (trays.wells().size() > 8 ? " and " + (trays.wells().size() - 8) + " more" : "");
    }

    private static String lead(String lead, String text) {
        return text.isEmpty() ? "" : lead + text;
    }
}
