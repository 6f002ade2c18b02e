package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruvant.core.log.ShopLog;
import ruvant.core.trade.Verdict;

/** Changes of the tables as a log: what was changed last counts, and each change can be taken back or struck. */
class TablesRoomTest {
    private static final Materials SHIPPED = new Materials(
            1,
            List.of(new Materials.Material("metal", "Metal", List.of("plate"))),
            List.of(agent("naphtha", Verdict.OK)));
    private final ShopLog log = new ShopLog(new TablesRoom(SHIPPED));

    private static Materials.Agent agent(String id, Verdict onMetal) {
        return new Materials.Agent(
                id,
                "Agent " + id,
                "",
                10,
                true,
                Map.of("metal", new Materials.VerdictWhy(onMetal, "tried on a sample")));
    }

    private static TablesEntry changed(Materials.Agent agent) {
        return new TablesEntry.TablesChanged(new TableChanges(List.of(), List.of(agent), List.of(), List.of()));
    }

    private Verdict onMetal(String agent) {
        return log.fold(TablesRoom.Fold.class)
                .changes()
                .in(SHIPPED)
                .judge(agent, List.of("metal"))
                .verdict();
    }

    @Test
    void theLastChangeCountsAndAStrikeBringsBackTheOneBefore() {
        log.add(changed(agent("naphtha", Verdict.CARE)));
        log.add(changed(agent("naphtha", Verdict.NO)));
        assertThat(onMetal("naphtha")).isEqualTo(Verdict.NO);
        assertThat(log.lastWords()).isEqualTo("changed: Agent naphtha");
        log.strikeLast();
        assertThat(onMetal("naphtha")).isEqualTo(Verdict.CARE);
    }

    @Test
    void whatIsTakenBackIsAsItShipped() {
        log.add(changed(agent("naphtha", Verdict.NO)));
        assertThat(log.add(new TablesEntry.TableTakenBack("naphtha"))).isEmpty();
        assertThat(onMetal("naphtha")).isEqualTo(Verdict.OK);
        assertThat(log.add(new TablesEntry.TableTakenBack("naphtha")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("notChanged"));
    }

    @Test
    void anAgentThatSpeaksOfAMaterialInNoTableIsRefused() {
        Materials.Agent gap = new Materials.Agent(
                "ether", "Ether", "", 5, true, Map.of("rubber", new Materials.VerdictWhy(Verdict.NO, "swells")));
        assertThat(log.add(changed(gap))).hasValueSatisfying(refusal -> {
            assertThat(refusal.code()).isEqualTo("gaps");
            assertThat(refusal.message()).contains("Ether").contains("rubber");
        });
        assertThat(log.fold(TablesRoom.Fold.class).changes()).isEqualTo(TableChanges.NONE);
    }

    @Test
    void careWithoutAReasonIsRefusedAndWhatIsAllRightNeedsNone() {
        Materials.Agent silent = new Materials.Agent(
                "ether", "Ether", "", 5, true, Map.of("metal", new Materials.VerdictWhy(Verdict.CARE, " ")));
        assertThat(log.add(changed(silent))).hasValueSatisfying(refusal -> {
            assertThat(refusal.code()).isEqualTo("noReason");
            assertThat(refusal.message()).contains("Ether on metal: care");
        });
        Materials.Agent kind = new Materials.Agent(
                "ether", "Ether", "", 5, true, Map.of("metal", new Materials.VerdictWhy(Verdict.OK, "")));
        assertThat(log.add(changed(kind))).isEmpty();
        TableChanges old = new TableChanges(List.of(), List.of(silent), List.of(), List.of()).reasoned("not said");
        assertThat(log.add(new TablesEntry.TablesChanged(old))).isEmpty();
        assertThat(onMetal("ether")).isEqualTo(Verdict.CARE);
    }

    @Test
    void twoWindowsOnOneAgentAreToldOfEachOtherAndTwoAgentsAreNot() {
        log.add(changed(agent("naphtha", Verdict.CARE)));
        assertThat(log.unseen(0, changed(agent("naphtha", Verdict.NO)))).singleElement();
        assertThat(log.unseen(0, changed(agent("acetone", Verdict.NO)))).isEmpty();
        assertThat(log.unseen(0, new TablesEntry.TableTakenBack("naphtha"))).singleElement();
        assertThat(log.unseen(log.lastSequence(), changed(agent("naphtha", Verdict.NO))))
                .isEmpty();
    }
}
