package ruvant.core.offer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Line;
import ruvant.core.log.RoomFold;
import ruvant.core.units.Refusal;

/** Folds what was offered and what the owner said. */
public final class OfferFold implements RoomFold<OfferEntry> {
    private final List<OfferPicture.OptionSheet> sheets = new ArrayList<>();
    private final Map<UUID, OfferPicture.Question> questions = new LinkedHashMap<>();
    private final List<OfferPicture.Agreement> agreements = new ArrayList<>();
    private final List<OfferPicture.Consent> consents = new ArrayList<>();
    private final List<OfferPicture.Told> told = new ArrayList<>();

    @Override
    public Optional<Refusal> objection(Line line, OfferEntry entry) {
        return switch (entry) {
            case OfferEntry.OptionsDrawn one -> Optional.empty();
            case OfferEntry.OwnerAsked one -> Optional.empty();
            case OfferEntry.Reminded one -> asked(one.asked());
            case OfferEntry.OwnerAnswered one -> asked(one.asked());
            case OfferEntry.OptionAgreed one -> asked(one.asked()).or(() -> offered(one));
            case OfferEntry.Consented one -> asked(one.asked());
            case OfferEntry.ToldReady one -> Optional.empty();
        };
    }

    private Optional<Refusal> asked(UUID question) {
        return question == null || questions.containsKey(question)
                ? Optional.empty()
                : Optional.of(new Refusal("notAsked", "The owner was not asked that.", "Log what was asked first."));
    }

    private Optional<Refusal> offered(OfferEntry.OptionAgreed agreed) {
        boolean known =
                sheets.isEmpty() || sheets.getLast().option(agreed.option()).isPresent();
        return known
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "notOffered",
                        "“" + agreed.words() + "” is not on the sheet of options that holds now.",
                        "Choose one of the options on the sheet, or log a new sheet with it first."));
    }

    @Override
    public void take(Line line, OfferEntry entry) {
        switch (entry) {
            case OfferEntry.OptionsDrawn one ->
                sheets.add(new OfferPicture.OptionSheet(line.id(), line.at(), line.by(), one));
            case OfferEntry.OwnerAsked one ->
                questions.put(
                        line.id(),
                        new OfferPicture.Question(
                                line.id(),
                                line.at(),
                                line.by(),
                                one.question(),
                                one.about() == null ? AskedAbout.OTHER : one.about(),
                                one.paper() == null ? "" : one.paper(),
                                List.of(),
                                Optional.empty(),
                                ""));
            case OfferEntry.Reminded one ->
                questions.computeIfPresent(one.asked(), (id, asked) -> asked.again(line.at()));
            case OfferEntry.OwnerAnswered one -> answer(line, one.asked(), one.answer());
            case OfferEntry.OptionAgreed one -> {
                answer(line, one.asked(), one.words());
                agreements.add(new OfferPicture.Agreement(
                        line.id(),
                        line.at(),
                        line.by(),
                        one,
                        sheets.isEmpty() ? Optional.empty() : sheets.getLast().option(one.option())));
            }
            case OfferEntry.Consented one -> {
                answer(line, one.asked(), one.agreed() ? "agreed" : "not agreed");
                consents.add(new OfferPicture.Consent(line.id(), line.at(), line.by(), one));
            }
            case OfferEntry.ToldReady one -> told.add(new OfferPicture.Told(line.id(), line.at(), one));
        }
    }

    private void answer(Line line, UUID question, String answer) {
        if (question != null) {
            questions.computeIfPresent(question, (id, asked) -> asked.answered(line.at(), answer));
        }
    }

    /** The picture so far. */
    public OfferPicture picture() {
        return new OfferPicture(
                List.copyOf(sheets),
                List.copyOf(questions.values()),
                List.copyOf(agreements),
                List.copyOf(consents),
                List.copyOf(told));
    }
}
