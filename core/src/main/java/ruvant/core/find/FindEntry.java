package ruvant.core.find;

import java.util.List;
import java.util.UUID;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;

/** What is wrong, and how one got to know. */
public sealed interface FindEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.FIND;
    }

    /**
     * What is seen to be wrong.
     *
     * @param shown when it shows; null where nobody said
     */
    record SymptomSeen(Named what, @MayBeNull Shown shown) implements FindEntry {
        /** One that is only said in words. */
        public SymptomSeen(String what) {
            this(Named.of(what));
        }

        /** One of which nobody said when it shows. */
        public SymptomSeen(Named what) {
            this(what, null);
        }

        public SymptomSeen {
            what = Named.in("symptom", what);
        }
    }

    /** A possible cause; the reason may be empty. */
    record SuspectRaised(Named suspect, String why) implements FindEntry {
        /** One that is only said in words. */
        public SuspectRaised(String suspect, String why) {
            this(Named.of(suspect), why);
        }

        public SuspectRaised {
            suspect = Named.in("suspect", suspect);
            why = Check.optionalRemark("why", why);
        }
    }

    /** A suspect is out of it, by a look. */
    record SuspectCleared(Named suspect, String look) implements FindEntry {
        /** One that is only said in words. */
        public SuspectCleared(String suspect, String look) {
            this(Named.of(suspect), look);
        }

        public SuspectCleared {
            suspect = Named.in("suspect", suspect);
            look = Check.remark("look", look);
        }
    }

    /** A suspect is the cause; the evidence says why. */
    record CauseConfirmed(Named cause, String evidence) implements FindEntry {
        /** One that is only said in words. */
        public CauseConfirmed(String cause, String evidence) {
            this(Named.of(cause), evidence);
        }

        public CauseConfirmed {
            cause = Named.in("cause", cause);
            evidence = Check.remark("evidence", evidence);
        }
    }

    /**
     * What the speeds said about the mechanism: evidence, not a diagnosis.
     *
     * @param phase of the work in which they were fired
     * @param firings on how many it rests
     * @param sentence what was seen
     * @param likely causes, the likeliest first, at most 12
     * @param toTellApart what would tell the first two apart; may be empty
     */
    record PatternRead(Phase phase, int firings, String sentence, List<Likely> likely, String toTellApart)
            implements FindEntry {
        public PatternRead {
            Check.chosen("phase", phase);
            Check.count("firings", firings, 1, 100_000);
            sentence = Check.remark("sentence", sentence);
            likely = Check.some("causes", likely, 12);
            toTellApart = Check.optionalRemark("toTellApart", toTellApart);
        }

        /**
         * A cause that the speeds speak for or against.
         *
         * @param cause its fixed name
         * @param words its name for people
         * @param probability by the speeds alone, 0 to 1
         */
        public record Likely(String cause, String words, double probability) {
            public Likely {
                cause = Check.name("cause", cause);
                words = Check.name("words", words);
                Check.within("probability", probability, 0, 1, "of 1");
            }
        }
    }

    /**
     * A look was taken.
     *
     * @param look its fixed name
     * @param words what was looked at, and what speaks for a cause
     * @param seen whether that was seen
     * @param sure false where it only leans that way
     * @param remark may be empty
     */
    record Looked(String look, String words, boolean seen, boolean sure, String remark) implements FindEntry {
        public Looked {
            look = Check.name("look", look);
            words = Check.remark("words", words);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * Something found inside on the way: a torn seal, a bent lever.
     *
     * @param what the whole in words
     * @param seen the same by its fields; null where it was only written down
     */
    record Found(String what, @MayBeNull Seen seen) implements FindEntry {
        /** Something that was only written down. */
        public Found(String what) {
            this(what, null);
        }

        /** Something seen, in its own words. */
        public Found(Seen seen) {
            this(seen.words(), seen);
        }

        public Found {
            what = Check.name("found", what);
        }
    }

    /**
     * What a look should show if one is right, said before it is taken: two speeds slower, the needle moves two stops.
     *
     * @param expected the figure predicted
     * @param allowed how far from it still counts as held, above 0
     * @param unit may be empty
     * @param bearsOn suspects that it speaks about, at most 10
     */
    record Predicted(String what, double expected, double allowed, String unit, List<Named> bearsOn)
            implements FindEntry {
        public Predicted {
            what = Check.name("what", what);
            Check.within("expected", expected, -1e6, 1e6, "");
            Check.within("allowed", allowed, 1e-6, 1e6, "");
            unit = Check.optionalName("unit", unit);
            bearsOn = Check.some("suspects", bearsOn, 10);
        }
    }

    /**
     * What was seen of something predicted.
     *
     * @param predicted the line that predicted it
     */
    record Observed(UUID predicted, double seen, String remark) implements FindEntry {
        public Observed {
            Check.chosen("predicted", predicted);
            Check.within("seen", seen, -1e6, 1e6, "");
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * A part was fitted for a trial in place of a suspect. Where nothing changes the suspect is cleared, and the part goes
     * back to where it came from.
     *
     * @param from the donor or shelf it came from
     * @param seen what was seen with it; may be empty where nothing changed
     */
    record SwapTried(Named suspect, String part, String from, boolean changed, String seen) implements FindEntry {
        /** For a suspect that is only said in words. */
        public SwapTried(String suspect, String part, String from, boolean changed, String seen) {
            this(Named.of(suspect), part, from, changed, seen);
        }

        public SwapTried {
            suspect = Named.in("suspect", suspect);
            part = Check.name("part", part);
            from = Check.name("from", from);
            seen = Check.optionalRemark("seen", seen);
        }
    }

    /**
     * A finding that was waved through earlier turns out to matter.
     *
     * @param finding the line that carries it
     * @param was the finding in words
     * @param suspect what it speaks for now
     */
    record Reopened(UUID finding, String was, Named suspect, String why) implements FindEntry {
        /** For a suspect that is only said in words. */
        public Reopened(UUID finding, String was, String suspect, String why) {
            this(finding, was, Named.of(suspect), why);
        }

        public Reopened {
            Check.chosen("finding", finding);
            was = Check.remark("was", was);
            suspect = Named.in("suspect", suspect);
            why = Check.remark("why", why);
        }
    }

    /** What brought a cause about: what broke is often not what is wrong. */
    record RootNamed(Named cause, String root) implements FindEntry {
        /** Of a cause that is only said in words. */
        public RootNamed(String cause, String root) {
            this(Named.of(cause), root);
        }

        public RootNamed {
            cause = Named.in("cause", cause);
            root = Check.remark("root", root);
        }
    }
}
