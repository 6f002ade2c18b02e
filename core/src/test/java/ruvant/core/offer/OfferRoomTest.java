package ruvant.core.offer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.parts.PartsEntry;
import ruvant.core.picture.CostSoFar;
import ruvant.core.picture.NextStep;
import ruvant.core.picture.NextWords;
import ruvant.core.picture.Outstanding;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SourceKind;
import ruvant.core.trade.Stop;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Money;
import ruvant.core.units.PartName;

class OfferRoomTest {
    private static final LocalDate TODAY = LocalDate.of(2031, 3, 4);

    private final Logs logs = Logs.camera();

    private OfferPicture offer() {
        return logs.stands().picture().offer();
    }

    private static OfferEntry.OptionsDrawn sheet(String... ids) {
        return new OfferEntry.OptionsDrawn(
                java.util.Arrays.stream(ids)
                        .map(id -> new RepairOption(
                                id,
                                OptionKind.OWN,
                                "Way " + id,
                                List.of(OptionStep.sure(Stop.CLEAN, "clean", StepMinutes.estimated(20, 30, 60))),
                                List.of(),
                                null))
                        .toList(),
                "",
                null,
                null,
                "EUR");
    }

    private static OfferEntry.OptionAgreed agreed(UUID asked, String option, Long limit) {
        return new OfferEntry.OptionAgreed(asked, option, option, limit, "EUR", SaidHow.PHONE, "", TODAY, "");
    }

    @Test
    void aQuestionIsOpenUntilItIsAnswered() {
        UUID asked = logs.put(new OfferEntry.OwnerAsked("new leather?"));
        assertThat(offer().unanswered()).hasSize(1);
        logs.after(90).add(new OfferEntry.OwnerAnswered(asked, "yes"));
        assertThat(offer().unanswered()).isEmpty();
        assertThat(offer().questions().getFirst().answer()).isEqualTo("yes");
        assertThat(logs.refusal(new OfferEntry.OwnerAnswered(UUID.randomUUID(), "yes")))
                .hasValueSatisfying(no -> assertThat(no.code()).isEqualTo("notAsked"));
    }

    @Test
    void whatIsAgreedIsOnTheSheetAndAnswersItsQuestion() {
        logs.add(sheet("small", "large"));
        UUID asked = logs.put(new OfferEntry.OwnerAsked("which?", AskedAbout.OPTIONS, SaidHow.EMAIL, "Q-0001"));
        assertThat(logs.refusal(agreed(asked, "huge", null)))
                .hasValueSatisfying(no -> assertThat(no.code()).isEqualTo("notOffered"));
        logs.add(agreed(asked, "large", 12_000L));
        assertThat(offer().unanswered()).isEmpty();
        assertThat(offer().agreed().orElseThrow().option().orElseThrow().name()).isEqualTo("Way large");
    }

    @Test
    void whoDoesNotAnswerIsAskedAgainAfterAWeek() {
        UUID asked = logs.put(new OfferEntry.OwnerAsked("new leather?"));
        assertThat(waits().due()).isFalse();
        logs.after(60 * 24 * 7);
        assertThat(waits().due()).isTrue();
        assertThat(waits().days()).isEqualTo(7);
        logs.add(new OfferEntry.Reminded(asked, SaidHow.TEXT, ""));
        assertThat(waits().due()).isFalse();
    }

    private NextStep.OwnerAnswers waits() {
        return logs.stands().next().stream()
                .filter(NextStep.OwnerAnswers.class::isInstance)
                .map(NextStep.OwnerAnswers.class::cast)
                .findFirst()
                .orElseThrow();
    }

    /** An hour is charged at 40.00: the limit of 60.00 is an hour and a half. */
    @Test
    void overTheLimitWorkStopsUntilTheOwnerAnswers() {
        logs.add(sheet("small"), agreed(null, "small", 6_000L));
        logs.add(new SittingEntry.SatDown(Stop.STRIP, "")).after(60).add(new SittingEntry.GotUp(""));
        assertThat(state()).isEqualTo(CostSoFar.State.WITHIN);
        logs.add(new SittingEntry.SatDown(Stop.STRIP, "")).after(10).add(new SittingEntry.GotUp(""));
        // 70 min are 46.67, and 30 min of cleaning are still estimated
        assertThat(state()).isEqualTo(CostSoFar.State.WILL_EXCEED);
        assertThat(logs.refusal(new SittingEntry.SatDown(Stop.CLEAN, ""))).isEmpty();
        logs.add(new SittingEntry.SatDown(Stop.FIND, "")).after(25).add(new SittingEntry.GotUp(""));
        assertThat(state()).isEqualTo(CostSoFar.State.OVER);
        assertThat(logs.refusal(new SittingEntry.SatDown(Stop.CLEAN, "")))
                .hasValueSatisfying(
                        no -> assertThat(no.message()).contains("60.00 EUR").contains("63.34 EUR"));
        assertThat(logs.refusal(new SittingEntry.SatDown(Stop.REFIT, ""))).isEmpty();
        assertThat(logs.refusal(new SittingEntry.Noted("the spring is bent"))).isEmpty();
        NextStep first = logs.stands().next().getFirst();
        assertThat(first).isInstanceOf(NextStep.OverLimit.class);
        assertThat(NextWords.what(first)).isEqualTo("Ask the owner: the agreed limit is spent");
        assertThat(logs.stands().outstanding())
                .filteredOn(one -> one.id().startsWith("limit/"))
                .singleElement()
                .matches(Outstanding::holds);

        UUID asked = logs.put(new OfferEntry.OwnerAsked("up to 100?", AskedAbout.LIMIT, SaidHow.PHONE, ""));
        assertThat(logs.refusal(new SittingEntry.SatDown(Stop.CLEAN, ""))).isPresent();
        logs.add(agreed(asked, "small", 10_000L));
        assertThat(state()).isEqualTo(CostSoFar.State.WITHIN);
        assertThat(logs.refusal(new SittingEntry.SatDown(Stop.CLEAN, ""))).isEmpty();
    }

    private CostSoFar.State state() {
        return logs.stands().cost().limit().orElseThrow().state();
    }

    @Test
    void whatWasFinishedAndIsNotCollectedComesUp() {
        logs.add(new OfferEntry.ToldReady(SaidHow.PHONE, TODAY, ""));
        assertThat(collect().until()).isEqualTo(TODAY.plusDays(90));
        assertThat(collect().overdue()).isFalse();
        logs.after(60 * 24 * 92);
        assertThat(collect().overdue()).isTrue();
        assertThat(collect().urgency()).isEqualTo(1);
    }

    private NextStep.Collect collect() {
        return logs.stands().next().stream()
                .filter(NextStep.Collect.class::isInstance)
                .map(NextStep.Collect.class::cast)
                .findFirst()
                .orElseThrow();
    }

    /** Paid 35.00, worth 140.00 mended; an hour at 40.00 and a part at 12.00. */
    @Test
    void aCameraOfTheShopsOwnHasAMargin() {
        var in = Logs.received();
        logs.add(
                new ruvant.core.intake.IntakeEntry.Received(
                        in.camera(),
                        new Owner("", "", true, new Money(3_500, "EUR"), new Money(14_000, "EUR")),
                        "",
                        List.of(),
                        "bought as it is",
                        in.series(),
                        in.speeds(),
                        null),
                new PartsEntry.Replaced(
                        PartName.of("spring"),
                        SourceKind.BOUGHT,
                        "a shop",
                        "",
                        true,
                        "",
                        null,
                        null,
                        "",
                        new Money(1_200, "EUR"),
                        null),
                new SittingEntry.SatDown(Stop.CLEAN, ""));
        logs.after(60).add(new SittingEntry.GotUp(""));
        CostSoFar cost = logs.stands().cost();
        assertThat(cost.own().orElseThrow().marginMinor()).contains(14_000L - 3_500 - 4_000 - 1_200);
        assertThat(cost.parts()).containsExactly(new CostSoFar.PartCharged("spring", 1_200));
        assertThat(Logs.camera().stands().cost().own()).isEmpty();
    }

    @Test
    void figuresThatCannotBeAreRefused() {
        assertThatThrownBy(() -> StepMinutes.estimated(30, 20, 40)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> StepMinutes.estimated(0, 20, 40)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> sheet()).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> sheet("one", "one")).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new OptionPart("gear", 1, 100, 0, 3)).isInstanceOf(FieldProblem.class);
    }
}
