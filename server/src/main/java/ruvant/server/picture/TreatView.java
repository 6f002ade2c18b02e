package ruvant.server.picture;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.trade.DryRunResult;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Modifications;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.TreatPicture;

/** What was cleaned, mended, oiled; waits with their state; how parts ran dry since they were cleaned. */
public record TreatView(
        List<TreatPicture.Done<TreatEntry.Cleaned>> cleaned,
        List<WaitView> waits,
        List<TreatPicture.Done<TreatEntry.Mended>> mended,
        List<ModifiedView> modified,
        List<TreatPicture.Done<TreatEntry.Lubricated>> lubricated,
        Map<String, DryRunResult> ranDry) {

    /** A wait and whether it runs, is over, too late, or was ended; and what follows it in a chain of coats. */
    public record WaitView(TreatPicture.Wait running, WaitState state, Optional<Lubrication.WaitKind> then) {}

    /** Where a wait stands. */
    public enum WaitState {
        RUNS,
        OVER,
        LATE,
        ENDED
    }

    /** A modification with what is left up to its line, mm. */
    public record ModifiedView(Modifications.Modification modification, String words, Optional<Double> leftMm) {}

    static TreatView of(TreatPicture treat, Lubrication table, Instant now) {
        Map<String, DryRunResult> ranDry = new LinkedHashMap<>();
        treat.cleaned()
                .forEach(one -> treat.ranDry(one.what().part())
                        .ifPresent(run -> ranDry.put(one.what().part().text(), run.result())));
        return new TreatView(
                treat.cleaned(),
                treat.waits().stream()
                        .map(wait -> new WaitView(wait, state(wait, now), table.after(wait.what())))
                        .toList(),
                treat.mended(),
                Modifications.of(treat.modified()).stream()
                        .map(one -> new ModifiedView(one, one.words(), one.leftMm()))
                        .toList(),
                treat.lubricated(),
                ranDry);
    }

    private static WaitState state(TreatPicture.Wait wait, Instant now) {
        if (wait.runs(now)) {
            return WaitState.RUNS;
        }
        return wait.late(now) ? WaitState.LATE : wait.over(now) ? WaitState.OVER : WaitState.ENDED;
    }
}
