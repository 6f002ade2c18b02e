package ruvant.core.picture;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.intake.IntakePicture;
import ruvant.core.prove.SpeedRow;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Stop;

/**
 * How far a stop is, computed from the log.
 *
 * @param note a few words, such as "4 off"
 */
public record StopProgress(Stop stop, State state, String note) {
    /** Nothing yet, something, or nothing left to do there. */
    public enum State {
        EMPTY,
        BEGUN,
        DONE
    }

    /** All nine stops in the order of the valley. */
    public static List<StopProgress> of(JobPicture picture) {
        long off = picture.valley().parts().size();
        long out = picture.valley().out().size();
        boolean anyBack = picture.valley().parts().stream().anyMatch(part -> part.state() != ValleyPart.State.OUT);
        long openScope = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .count();
        List<SpeedRow> speeds = picture.speedsOfTheCamera();
        long after = speeds.stream().filter(row -> row.after().isPresent()).count();
        List<StopProgress> all = new ArrayList<>();
        all.add(of(
                Stop.INTAKE,
                true,
                !picture.intake().functions().isEmpty(),
                openScope == 0 ? "" : openScope + " to do"));
        all.add(of(Stop.STRIP, off > 0, off > 0 && out == 0, off == 0 ? "" : out + " of " + off + " out"));
        long open = picture.find().suspects().stream()
                .filter(suspect -> suspect.state() == ruvant.core.find.FindPicture.State.OPEN)
                .count();
        boolean cause = !picture.find().causes().isEmpty();
        all.add(of(
                Stop.FIND,
                cause
                        || !picture.find().suspects().isEmpty()
                        || !picture.find().symptoms().isEmpty(),
                cause,
                cause ? "cause known" : open == 0 ? "" : open + (open == 1 ? " suspect" : " suspects")));
        int cleaned = picture.treat().cleaned().size();
        all.add(of(Stop.CLEAN, cleaned > 0, cleaned > 0, cleaned == 0 ? "" : cleaned + " cleaned"));
        int needs = picture.parts().openNeeds().size();
        boolean mended = !picture.treat().mended().isEmpty()
                || !picture.parts().replacements().isEmpty();
        all.add(of(Stop.MEND, mended || needs > 0, mended && needs == 0, needs == 0 ? "" : needs + " needed"));
        int oiled = picture.treat().lubricated().size();
        all.add(of(Stop.OIL, oiled > 0, oiled > 0, oiled == 0 ? "" : oiled + " points"));
        all.add(of(Stop.REFIT, anyBack, anyBack && out == 0, off == 0 ? "" : (off - out) + " of " + off + " back"));
        int streak = picture.prove().streak().current();
        boolean proving = after > 0 || picture.prove().streak().firingsSinceWork() > 0;
        int unproved = OpenProofs.of(picture, speeds).size();
        all.add(of(
                Stop.PROVE,
                proving,
                picture.prove().streak().proved() && unproved == 0,
                unproved > 0 && proving ? unproved + " to prove" : streak == 0 ? "" : streak + " in a row"));
        all.add(of(Stop.RETURN, picture.returned(), picture.returned(), ""));
        return all;
    }

    private static StopProgress of(Stop stop, boolean begun, boolean done, String note) {
        return new StopProgress(stop, done ? State.DONE : begun ? State.BEGUN : State.EMPTY, note);
    }
}
