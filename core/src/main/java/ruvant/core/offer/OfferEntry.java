package ruvant.core.offer;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;

/** What can be done about a camera, what its owner was asked, and what was agreed. */
public sealed interface OfferEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.INTAKE;
    }

    /**
     * What can be done, each way with its figures; it takes the place of the sheet before.
     *
     * @param options at least one, each under an id of its own
     * @param fork what made the choice necessary, such as a screw that has to be drilled out; empty at the start
     * @param asIsMinor what the camera fetches as it is, minor units; null where nobody said
     * @param partsMinor what it fetches where it is lost, minor units; null where nobody said
     */
    record OptionsDrawn(
            List<RepairOption> options,
            String fork,
            @MayBeNull Long asIsMinor,
            @MayBeNull Long partsMinor,
            String currency)
            implements OfferEntry {
        private static final int MOST = 12;
        private static final long MOST_MINOR = 1_000_000_000;

        public OptionsDrawn {
            options = Check.some("options", options, MOST);
            if (options.isEmpty()) {
                throw new FieldProblem("options", "There is no option on the sheet.", "Add at least one.");
            }
            if (options.stream().map(RepairOption::id).distinct().count() < options.size()) {
                throw new FieldProblem(
                        "options", "Two options have the same id.", "Remove one of them, or give it another id.");
            }
            fork = Check.optionalRemark("fork", fork);
            known("asIs", asIsMinor);
            known("parts", partsMinor);
            CurrencyHere.digits(Check.chosen("currency", currency));
        }

        private static void known(String field, Long minor) {
            if (minor != null) {
                Check.within(field, minor, 0, MOST_MINOR, "minor units");
            }
        }
    }

    /**
     * The owner was asked something, and treatment waits for the answer.
     *
     * @param question what was asked
     * @param about what it is about; null where nobody said
     * @param how it was asked; null where nobody said
     * @param paper number of the paper that was sent with it; null or empty for none
     */
    record OwnerAsked(
            String question,
            @MayBeNull AskedAbout about,
            @MayBeNull SaidHow how,
            @MayBeNull String paper) implements OfferEntry {
        /** A question of which no more is known than its words. */
        public OwnerAsked(String question) {
            this(question, null, null, null);
        }

        public OwnerAsked {
            question = Check.remark("question", question);
            paper = paper == null ? null : Check.optionalName("paper", paper);
        }
    }

    /** The owner was asked again. */
    record Reminded(UUID asked, SaidHow how, String remark) implements OfferEntry {
        public Reminded {
            Check.chosen("asked", asked);
            Check.chosen("how", how);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * The owner answered.
     *
     * @param asked id of the line with the question
     * @param answer what was said
     * @param how it was said; null where nobody noted it
     * @param who said it; null or empty for the owner
     */
    record OwnerAnswered(
            UUID asked,
            String answer,
            @MayBeNull SaidHow how,
            @MayBeNull String who) implements OfferEntry {
        /** An answer of which no more is known than its words. */
        public OwnerAnswered(UUID asked, String answer) {
            this(asked, answer, null, null);
        }

        public OwnerAnswered {
            Check.chosen("asked", asked);
            answer = Check.remark("answer", answer);
            who = who == null ? null : Check.optionalName("who", who);
        }
    }

    /**
     * An option was agreed to; it takes the place of what was agreed before.
     *
     * @param asked id of the question that it answers; null for none
     * @param option its id on the sheet
     * @param words its name, as it was then
     * @param limitMinor what it may cost at most, minor units; null for no limit
     * @param who agreed; empty for the owner
     * @param day on which it was said
     */
    record OptionAgreed(
            @MayBeNull UUID asked,
            String option,
            String words,
            @MayBeNull Long limitMinor,
            String currency,
            SaidHow how,
            String who,
            LocalDate day,
            String remark)
            implements OfferEntry {
        private static final long MOST_MINOR = 1_000_000_000;

        public OptionAgreed {
            option = Check.name("option", option);
            words = Check.name("words", words);
            if (limitMinor != null) {
                Check.within("limit", limitMinor, 0, MOST_MINOR, "minor units");
            }
            CurrencyHere.digits(Check.chosen("currency", currency));
            Check.chosen("how", how);
            who = Check.optionalName("who", who);
            Check.chosen("day", day);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * The owner allowed something that cannot be undone, or did not.
     *
     * @param asked id of the question that it answers; null for none
     * @param what may be done, or may not
     */
    record Consented(@MayBeNull UUID asked, String what, boolean agreed, SaidHow how, String who, LocalDate day)
            implements OfferEntry {
        public Consented {
            what = Check.name("what", what);
            Check.chosen("how", how);
            who = Check.optionalName("who", who);
            Check.chosen("day", day);
        }
    }

    /** The owner was told that the camera is finished and can be collected. */
    record ToldReady(SaidHow how, LocalDate day, String remark) implements OfferEntry {
        public ToldReady {
            Check.chosen("how", how);
            Check.chosen("day", day);
            remark = Check.optionalRemark("remark", remark);
        }
    }
}
