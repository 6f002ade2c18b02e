package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobRules;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Side;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

class LearnedChecksTest {
    private static final PartName DIAL = PartName.of("dial");
    private static final LearnedChecks LEARNED = part -> part.equals(DIAL)
            ? List.of(
                    AskedCheck.before(Named.of("lever left of the post")),
                    AskedCheck.before(Named.of("lever left of the post")))
            : List.of();

    private final Logs logs = Logs.camera().add(StripEntry.Removed.of("dial", Side.TOP, false));

    private java.util.Optional<Refusal> refusal(JobEntry entry) {
        return new JobRules(Logs.SHOP, job -> LEARNED, List::of, logs.now())
                .refusal(logs.log(), List.of(logs.line(entry, null)));
    }

    private List<GateCheck> checks() {
        return logs.stands(LEARNED)
                .refit()
                .checks(logs.picture().valley().part(DIAL).orElseThrow());
    }

    @Test
    void whatEarlierJobsLookedAtHoldsThePartUntilItIsSeen() {
        RefitEntry.Refitted back = new RefitEntry.Refitted(DIAL, List.of(), "", "");
        assertThat(checks()).extracting(GateCheck::text).containsExactly("lever left of the post");
        assertThat(refusal(back).orElseThrow().message()).contains("lever left of the post");
        RefitEntry.GateAnswered seen = new RefitEntry.GateAnswered(DIAL, "lever left of the post", true, "");
        assertThat(refusal(seen)).isEmpty();
        logs.put(seen);
        assertThat(checks()).extracting(GateCheck::state).containsExactly(GateCheck.State.PASSED);
        assertThat(refusal(back)).isEmpty();
    }

    @Test
    void byThisJobAloneNothingOfItIsAsked() {
        assertThat(logs.stands()
                        .refit()
                        .of(logs.picture().valley().part(DIAL).orElseThrow())
                        .kind())
                .isEqualTo(RefitAnswer.Kind.READY);
    }
}
