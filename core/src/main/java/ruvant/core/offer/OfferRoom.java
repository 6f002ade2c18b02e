package ruvant.core.offer;

import static ruvant.core.job.JobEffect.Plain.AT_NO_STOP;
import static ruvant.core.job.JobEffect.Plain.IN_PASSING;
import static ruvant.core.units.Phrase.with;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.Refusal;

/** What is offered to the owner of a camera, and what the owner says. */
public final class OfferRoom implements JobRoom<OfferEntry> {
    @Override
    public Class<OfferEntry> entries() {
        return OfferEntry.class;
    }

    @Override
    public RoomFold<OfferEntry> begin(Folds earlier) {
        return new OfferFold();
    }

    @Override
    public Optional<Refusal> rule(OfferEntry entry, Standing now) {
        return switch (entry) {
            case OfferEntry.OptionsDrawn one -> Optional.empty();
            case OfferEntry.OwnerAsked one -> Optional.empty();
            case OfferEntry.Reminded one -> Optional.empty();
            case OfferEntry.OwnerAnswered one -> Optional.empty();
            case OfferEntry.OptionAgreed one -> Optional.empty();
            case OfferEntry.Consented one -> Optional.empty();
            case OfferEntry.ToldReady one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(OfferEntry entry) {
        return switch (entry) {
            case OfferEntry.OptionsDrawn one -> List.of(AT_NO_STOP, IN_PASSING);
            case OfferEntry.OwnerAsked one -> List.of(AT_NO_STOP);
            case OfferEntry.Reminded one -> List.of(AT_NO_STOP, IN_PASSING);
            case OfferEntry.OwnerAnswered one -> List.of(AT_NO_STOP);
            case OfferEntry.OptionAgreed one -> List.of(AT_NO_STOP);
            case OfferEntry.Consented one -> List.of(AT_NO_STOP);
            case OfferEntry.ToldReady one -> List.of(AT_NO_STOP, IN_PASSING);
        };
    }

    @Override
    public List<String> replaces(OfferEntry entry) {
        return switch (entry) {
            case OfferEntry.OptionsDrawn one -> List.of("options");
            case OfferEntry.OwnerAsked one -> List.of();
            case OfferEntry.Reminded one -> List.of();
            case OfferEntry.OwnerAnswered one -> List.of("the owner's answer");
            case OfferEntry.OptionAgreed one -> List.of("what is agreed");
            case OfferEntry.Consented one -> List.of();
            case OfferEntry.ToldReady one -> List.of();
        };
    }

    @Override
    public String words(OfferEntry entry, Names names) {
        return switch (entry) {
            case OfferEntry.OptionsDrawn one ->
                "options: " + one.options().stream().map(RepairOption::name).collect(Collectors.joining(", "))
                        + with("; because ", one.fork());
            case OfferEntry.OwnerAsked one ->
                "asked the owner" + how(one.how()) + with(", with ", one.paper() == null ? "" : one.paper()) + ": "
                        + one.question();
            case OfferEntry.Reminded one -> "asked the owner again" + how(one.how()) + with(": ", one.remark());
            case OfferEntry.OwnerAnswered one -> who(one.who()) + " answered" + how(one.how()) + ": " + one.answer();
            case OfferEntry.OptionAgreed one ->
                who(one.who()) + " agreed" + how(one.how()) + " on " + one.day() + ": " + one.words()
                        + (one.limitMinor() == null
                                ? ""
                                : ", up to " + CurrencyHere.words(one.limitMinor(), one.currency()))
                        + with(", ", one.remark());
            case OfferEntry.Consented one ->
                who(one.who()) + (one.agreed() ? " agreed" : " did not agree") + how(one.how()) + " on " + one.day()
                        + " to: " + one.what();
            case OfferEntry.ToldReady one ->
                "told the owner" + how(one.how()) + " that it is ready" + with(", ", one.remark());
        };
    }

    private static String who(String who) {
        return who == null || who.isEmpty() ? "the owner" : who;
    }

    private static String how(SaidHow how) {
        return how == null ? "" : " " + how.label();
    }
}
