package ruvant.core.offer;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What can be done about a camera, and what its owner said.
 *
 * @param sheets what could be done, the first sheet first; the last one holds
 * @param questions everything the owner was asked, the first first
 * @param agreements what was agreed, the first first; the last one holds
 * @param consents to what cannot be undone, refusals too
 * @param told when the owner was told to collect it
 */
public record OfferPicture(
        List<OptionSheet> sheets,
        List<Question> questions,
        List<Agreement> agreements,
        List<Consent> consents,
        List<Told> told) {
    /** A sheet of options and its line. */
    public record OptionSheet(UUID id, Instant at, String by, OfferEntry.OptionsDrawn what) {
        /** An option by its id. */
        public Optional<RepairOption> option(String option) {
            return what.options().stream()
                    .filter(one -> one.id().equals(option))
                    .findFirst();
        }
    }

    /**
     * Something that the owner was asked.
     *
     * @param paper number of the paper that went with it; empty for none
     * @param reminded when the owner was asked again
     * @param answeredAt empty while there is no answer
     */
    public record Question(
            UUID id,
            Instant at,
            String by,
            String question,
            AskedAbout about,
            String paper,
            List<Instant> reminded,
            Optional<Instant> answeredAt,
            String answer) {
        Question answered(Instant when, String said) {
            return new Question(id, at, by, question, about, paper, reminded, Optional.of(when), said);
        }

        Question again(Instant when) {
            List<Instant> all = java.util.stream.Stream.concat(reminded.stream(), java.util.stream.Stream.of(when))
                    .toList();
            return new Question(id, at, by, question, about, paper, all, answeredAt, answer);
        }

        /** When it was asked last. */
        public Instant askedLast() {
            return reminded.isEmpty() ? at : reminded.getLast();
        }

        /** Whether there is no answer yet. */
        public boolean open() {
            return answeredAt.isEmpty();
        }
    }

    /**
     * What was agreed, its line, and the sheet that it stood on.
     *
     * @param option as the sheet had it; empty where it stood on none
     */
    public record Agreement(
            UUID id, Instant at, String by, OfferEntry.OptionAgreed what, Optional<RepairOption> option) {}

    /** What was said about something that cannot be undone, and its line. */
    public record Consent(UUID id, Instant at, String by, OfferEntry.Consented what) {}

    /** That the owner was told to collect it, and its line. */
    public record Told(UUID id, Instant at, OfferEntry.ToldReady what) {}

    /** The sheet that holds. */
    public Optional<OptionSheet> sheet() {
        return sheets.isEmpty() ? Optional.empty() : Optional.of(sheets.getLast());
    }

    /** Questions that the owner has not answered yet. */
    public List<Question> unanswered() {
        return questions.stream().filter(Question::open).toList();
    }

    /** What is agreed now. */
    public Optional<Agreement> agreed() {
        return agreements.isEmpty() ? Optional.empty() : Optional.of(agreements.getLast());
    }

    /** The last time that the owner was told to collect it. */
    public Optional<Told> toldReady() {
        return told.isEmpty() ? Optional.empty() : Optional.of(told.getLast());
    }
}
