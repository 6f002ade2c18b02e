package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.log.ShopLog;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;

/** What a shop knows better of adjusters takes the place of what ships, and can be taken back. */
class AdjustersRoomTest {
    private static final AdjusterBook SHIPPED = ShippedAdjusters.BOOK;
    private static final String RETARD = "retard-engagement";

    private final ShopLog log = new ShopLog(new AdjustersRoom(SHIPPED));

    private AdjusterBook here() {
        return log.fold(AdjustersRoom.Fold.class).changes().in(SHIPPED);
    }

    private AdjusterKind kind(String id) {
        return here().adjusters().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static AdjustersEntry changed(AdjusterKind... kinds) {
        return new AdjustersEntry.AdjustersChanged(new AdjusterChanges(List.of(), List.of(kinds)));
    }

    private AdjusterKind called(String words, double most) {
        AdjusterKind before = kind(RETARD);
        return new AdjusterKind(
                RETARD,
                new Named(before.name().id(), words),
                new AdjusterKind.Limits(before.travel().unit(), before.travel().least(), most),
                before.held(),
                before.speeds(),
                before.moves(),
                before.on(),
                before.why());
    }

    private static AdjusterKind own(String name, AdjusterKind.HeldBy held, AdjustEntry.Moves... moves) {
        return new AdjusterKind(
                "",
                Named.of(name),
                new AdjusterKind.Limits(TurnUnit.EIGHTHS, -1, 1),
                held,
                List.of(),
                List.of(moves),
                new AdjusterKind.Where(List.of(Family.SWING), List.of(BodyType.RIGID)),
                "what it does");
    }

    @Test
    void aChangedKindStandsInPlaceOfTheShippedOneAndGoesBack() {
        assertThat(log.add(changed(called("slow train depth", 2)))).isEmpty();
        assertThat(here().adjusters()).hasSameSizeAs(SHIPPED.adjusters());
        assertThat(kind(RETARD).name()).isEqualTo(Named.of("retard engagement")).hasToString("slow train depth");
        assertThat(kind(RETARD).travel().most()).isEqualTo(2);
        assertThat(log.lastWords()).isEqualTo("changed: slow train depth");
        assertThat(log.add(new AdjustersEntry.AdjusterTakenBack(RETARD))).isEmpty();
        assertThat(here()).isEqualTo(SHIPPED);
        assertThat(log.strikeLast()).isEmpty();
        assertThat(kind(RETARD).travel().most()).isEqualTo(2);
    }

    @Test
    void aKindOfOnesOwnIsOfferedWhereItIsAndNowhereElse() {
        assertThat(log.add(
                        changed(own("scan governor", AdjusterKind.HeldBy.FREE, new AdjustEntry.Moves("rebound", 1)))))
                .isEmpty();
        AdjusterKind made = kind("scan-governor");
        assertThat(made.isIn(new Camera("Pellworm", "Any", "", "", BodyType.RIGID, Family.SWING)))
                .isTrue();
        assertThat(made.isIn(new Camera("Pellworm", "Any", "", "", BodyType.BOX, Family.SWING)))
                .isFalse();
        assertThat(made.isIn(new Camera("Pellworm", "Any", "", "", BodyType.RIGID, Family.ROTARY)))
                .isFalse();
    }

    @Test
    void aKindThatWouldLeaveAGapIsRefusedAndNothingOfItIsKept() {
        assertThat(log.add(changed(own("idle screw", AdjusterKind.HeldBy.FREE))))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("moves nothing"));
        assertThat(log.add(changed(own("idle screw", AdjusterKind.HeldBy.FREE, new AdjustEntry.Moves("nowhere", 1)))))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("“nowhere”, which is not there"));
        assertThat(log.add(changed(own(
                        "spring drum",
                        new AdjusterKind.HeldBy(AdjusterLock.RATCHET, "", "", 0),
                        new AdjustEntry.Moves("rebound", 1)))))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("has no caution"));
        assertThat(log.add(changed(own("slit width", AdjusterKind.HeldBy.FREE, new AdjustEntry.Moves("rebound", 1)))))
                .as("it takes the place of the shipped one of that id, and is no second one")
                .isEmpty();
        assertThat(log.add(new AdjustersEntry.AdjusterTakenBack(RETARD)))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("notChanged"));
    }

    @Test
    void aResultOfOnesOwnGoesWithTheLastAdjusterThatMovesIt() {
        AdjusterBook.Result scan =
                new AdjusterBook.Result(Named.of("scan"), "ms", 20, 2, 0.3, "", "", false, "end to end");
        AdjusterKind governor = own("scan governor", AdjusterKind.HeldBy.FREE, new AdjustEntry.Moves("scan", 1));
        AdjusterKind spring = own("scan spring", AdjusterKind.HeldBy.FREE, new AdjustEntry.Moves("scan", 1));
        assertThat(log.add(new AdjustersEntry.AdjustersChanged(
                        new AdjusterChanges(List.of(scan), List.of(governor, spring)))))
                .isEmpty();
        log.add(new AdjustersEntry.AdjusterTakenBack("scan-governor"));
        assertThat(here().result(Named.of("scan"))).isPresent();
        log.add(new AdjustersEntry.AdjusterTakenBack("scan-spring"));
        assertThat(here()).isEqualTo(SHIPPED);
    }

    @Test
    void anAdjusterCannotHaveTheIdOfAResult() {
        assertThat(log.add(changed(own("rebound", AdjusterKind.HeldBy.FREE, new AdjustEntry.Moves("rebound", 1)))))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("has the id of another"));
    }

    @Test
    void twoOfOneNameOnOneShutterAreRefused() {
        AdjusterKind twin = called("retard engagement", 1);
        AdjusterKind other = new AdjusterKind(
                "own-retard",
                twin.name(),
                twin.travel(),
                twin.held(),
                twin.speeds(),
                twin.moves(),
                twin.on(),
                twin.why());
        assertThat(log.add(changed(other)))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("two adjusters called"));
    }

    @Test
    void twoWindowsOnOneAdjusterAreToldOfEachOther() {
        log.add(changed(called("slow train depth", 2)));
        assertThat(log.unseen(0, changed(called("retard depth", 1)))).singleElement();
        assertThat(log.unseen(0, changed(own("scan governor", AdjusterKind.HeldBy.FREE))))
                .isEmpty();
    }

    @Test
    void whatMakesNoSenseIsRefusedAtItsField() {
        assertThatThrownBy(() -> new AdjusterKind.OverSpeeds(0.5, 0.1, 1)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new AdjusterKind.OverSpeeds(0.1, 0.5, 0)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> called("retard engagement", 90)).isInstanceOf(FieldProblem.class);
    }
}
