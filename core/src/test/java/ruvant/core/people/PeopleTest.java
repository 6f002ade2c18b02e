package ruvant.core.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.log.Entry;
import ruvant.core.log.RecordEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;

class PeopleTest {
    private static final Entry WORK = new SittingEntry.SatDown(Stop.STRIP, "");
    private static final Entry PRICE = new HandoverEntry.Estimated("all of it", null, 80.0, null);

    private static Person person(String name, Role role) {
        return new Person(UUID.randomUUID(), name, role, role == Role.GUEST ? new TagNumber(4) : null, false, false);
    }

    @ParameterizedTest
    @EnumSource(Role.class)
    void whatAnOwnerAllowsCountsOnlyWhereARoleLeavesItOpen(Role role) {
        Set<Right> bare = role.rights(false, false);
        Set<Right> allowed = role.rights(true, true);
        boolean open = role == Role.TECHNICIAN || role == Role.COUNTER;
        assertThat(allowed).containsAll(bare).hasSize(bare.size() + (open ? 2 : 0));
        assertThat(bare.contains(Right.HOUSE)).isEqualTo(role == Role.OWNER);
    }

    @Test
    void aGuestHasRightsAtOneJobAlone() {
        Access guest = person("Gus", Role.GUEST).access();
        assertThat(guest.may(Right.LOOK, new TagNumber(4))).isTrue();
        assertThat(guest.may(Right.LOOK, new TagNumber(5))).isFalse();
        assertThat(guest.may(Right.LOOK)).isFalse();
        assertThatThrownBy(() -> new Person(UUID.randomUUID(), "Gus", Role.GUEST, null, false, false))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("none is chosen");
    }

    @Test
    void aPhoneMayDoNoMoreThanItsHolderAndNothingWhereNoCameraIsOpen() {
        Set<Right> technician = Role.TECHNICIAN.rights(true, true);
        Access phone = Access.ofPhone("Tess", technician, Optional.of(new TagNumber(4)));
        assertThat(phone.rights()).containsExactlyInAnyOrder(Right.LOOK, Right.BENCH);
        assertThat(phone.may(Right.BENCH, new TagNumber(5))).isFalse();
        assertThat(Access.ofPhone("Cora", Role.COUNTER.rights(true, true), Optional.of(new TagNumber(4)))
                        .rights())
                .containsExactly(Right.LOOK);
        assertThat(Access.ofPhone("Tess", technician, Optional.empty()).rights())
                .isEmpty();
    }

    @Test
    void toStrikeALineTakesWhatItTookToLogIt() {
        UUID line = UUID.randomUUID();
        UUID strike = UUID.randomUUID();
        Map<UUID, Entry> log = Map.of(line, WORK, strike, new RecordEntry.Struck(line, ""));
        for (Entry about : List.of(
                new RecordEntry.Struck(line, "x"),
                new RecordEntry.StrikeUndone(strike),
                new RecordEntry.Amended(line, WORK, ""))) {
            assertThat(may(about, EnumSet.of(Right.BENCH), log)).isTrue();
            assertThat(may(about, EnumSet.of(Right.DESK, Right.STOCK, Right.MONEY), log))
                    .isFalse();
        }
    }

    @Test
    void whoIsNotShownAllOfALineDoesNotSayItAnew() {
        UUID line = UUID.randomUUID();
        Map<UUID, Entry> log = Map.of(line, PRICE);
        RecordEntry.Amended changed = new RecordEntry.Amended(line, PRICE, "");
        assertThat(may(changed, EnumSet.of(Right.DESK), log)).isFalse();
        assertThat(may(changed, EnumSet.of(Right.DESK, Right.MONEY), log)).isTrue();
        assertThat(may(PRICE, EnumSet.of(Right.DESK), log)).isTrue();
    }

    private static boolean may(Entry entry, Set<Right> rights, Map<UUID, Entry> log) {
        return RightToLog.mayLog(entry, rights::contains, id -> Optional.ofNullable(log.get(id)));
    }

    @Test
    void namesDifferAndSomebodyAlwaysOwnsTheShop() {
        Person ada = person("Ada", Role.OWNER);
        Person ben = person("Ben", Role.TECHNICIAN);
        List<Person> all = List.of(ada, ben);
        assertThatThrownBy(() -> Shopfolk.check(all, person("ADA", Role.COUNTER)))
                .hasMessageContaining("already");
        assertThatThrownBy(() -> Shopfolk.checkEnd(all, ada)).hasMessageContaining("nobody could change");
        assertThatThrownBy(() -> Shopfolk.check(all, new Person(ada.id(), "Ada", Role.TECHNICIAN, null, true, true)))
                .hasMessageContaining("nobody could change");
        Shopfolk.checkEnd(all, ben);
        Shopfolk.check(all, new Person(ben.id(), "Benedict", Role.OWNER, null, true, true));
    }

    @ParameterizedTest
    @ValueSource(strings = {"short", "aaaaaaaaaaaa", "Adalbert the Great", ""})
    void aPassphraseThatIsEasyToGuessIsRefused(String typed) {
        assertThatThrownBy(() -> Shopfolk.passphrase(typed, "Adalbert the Great"))
                .isInstanceOf(FieldProblem.class);
    }

    @ParameterizedTest
    @CsvSource({
        "2580, true",
        "1234, false",
        "9876, false",
        "0000, false",
        "258, false",
        "123456789, false",
        "25a0, false"
    })
    void aPinIsFiguresThatAreNotInARow(String typed, boolean taken) {
        if (taken) {
            assertThat(Shopfolk.pin(" " + typed)).isEqualTo(typed);
        } else {
            assertThatThrownBy(() -> Shopfolk.pin(typed)).isInstanceOf(FieldProblem.class);
        }
    }

    @Test
    void guessingGetsSlowerAndNeverSlowerThanAQuarterOfAnHour() {
        GuessLimit limit = GuessLimit.AT_AN_ACCOUNT;
        assertThat(limit.after(4)).isZero();
        assertThat(limit.after(5)).isEqualTo(Duration.ofSeconds(15));
        assertThat(limit.after(6)).isEqualTo(Duration.ofSeconds(30));
        for (int wrong = 5; wrong < 200; wrong++) {
            assertThat(limit.after(wrong))
                    .isGreaterThanOrEqualTo(limit.after(wrong - 1))
                    .isLessThanOrEqualTo(Duration.ofMinutes(15));
        }
        assertThat(limit.after(200)).isEqualTo(Duration.ofMinutes(15));
    }

    @ParameterizedTest
    @EnumSource(SignedBy.class)
    void aSessionEndsWithoutUseAndAtTheLatestAfterItsLongest(SignedBy how) {
        Instant begun = Instant.parse("2031-03-04T09:00:00Z");
        Instant unused = how.endsAt(begun, begun);
        assertThat(how.endsAt(begun, begun.plusSeconds(60))).isEqualTo(unused.plusSeconds(60));
        Instant last = how.endsAt(begun, begun.plus(Duration.ofDays(300)));
        assertThat(last).isAfter(unused);
        assertThat(how.endsAt(begun, last)).isEqualTo(last);
    }
}
