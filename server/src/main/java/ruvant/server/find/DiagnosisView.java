package ruvant.server.find;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ruvant.core.find.CauseKnown;
import ruvant.core.find.Diagnosis;
import ruvant.core.find.LookMoved;
import ruvant.core.find.NextLooks;
import ruvant.core.units.Named;

/**
 * Where the search for a camera's fault stands, and what to look at next.
 *
 * @param looks what was looked at, the newest first
 * @param next looks, the most worth first
 * @param causes what confirmed causes ask next
 * @param falseLeads suspects that were followed in vain
 */
record DiagnosisView(
        @JsonUnwrapped CountedIn countedIn,
        @JsonUnwrapped Suspicion suspicion,
        @JsonUnwrapped Symptoms symptoms,
        List<TakenView> looks,
        List<LookView> next,
        List<CauseKnown> causes,
        List<Named> falseLeads) {
    /**
     * What earlier work says.
     *
     * @param jobs closed jobs of this model, or of its family, that were counted in
     */
    record CountedIn(int jobs, boolean ofFamily) {}

    /**
     * On what suspicion lies.
     *
     * @param none chance that it is none of those on the list
     * @param openBits what is left to be found out, bits
     * @param bitsAtFirst the same before any look was taken
     * @param areas mechanisms on which most of the suspicion lies
     */
    record Suspicion(
            List<SuspectView> suspects, double none, double openBits, double bitsAtFirst, List<AreaView> areas) {}

    /**
     * Symptoms in words.
     *
     * @param understood those that were understood
     * @param denied those that functions which work speak against
     * @param unread what was said and nothing was taken from
     * @param known all that it could be told
     */
    record Symptoms(List<Named> understood, List<Named> denied, List<String> unread, List<Named> known) {}

    /** A mechanism and the part of the suspicion that lies on it. */
    record AreaView(String words, double part) {}

    /**
     * A suspect.
     *
     * @param jobsHere jobs in which it was the cause
     * @param calls what it calls for
     * @param raised whether it is a suspect of this job already
     */
    record SuspectView(
            String id,
            String words,
            String area,
            String why,
            String calls,
            double probability,
            int jobsHere,
            boolean raised) {
        static SuspectView of(Diagnosis.Suspected one, String area, boolean raised) {
            return new SuspectView(
                    one.cause().id(),
                    one.cause().words(),
                    area,
                    one.cause().why(),
                    one.cause().calls(),
                    one.probability(),
                    one.jobsHere(),
                    raised);
        }
    }

    /** A look that was taken, and the suspect it moved most. */
    record TakenView(UUID line, String words, boolean seen, boolean sure, String moved, double from, double to) {
        static TakenView of(LookMoved one) {
            return new TakenView(
                    one.look().id(),
                    one.look().looked().words(),
                    one.look().looked().seen(),
                    one.look().looked().sure(),
                    one.cause().words(),
                    one.from(),
                    one.to());
        }
    }

    /**
     * A look that could be taken.
     *
     * @param seen what is seen when it speaks for a cause
     */
    record LookView(
            String id,
            String words,
            String seen,
            @JsonUnwrapped LookEffort effort,
            @JsonUnwrapped LookTells tells) {
        /**
         * What it takes.
         *
         * @param minutes all told
         * @param reachMinutes of these, to get there and back
         */
        record LookEffort(double minutes, double reachMinutes, String reach, String risk) {}

        /** @param bits expected to be found out */
        record LookTells(double bits, double chanceSeen, Then ifSeen, Then ifNot) {}

        static LookView of(NextLooks.Ranked one) {
            return new LookView(
                    one.look().id(),
                    one.look().words(),
                    one.look().seen(),
                    new LookEffort(
                            one.minutes(),
                            one.reachMinutes(),
                            one.look().reach(),
                            one.look().risk()),
                    new LookTells(
                            one.told().bits(),
                            one.told().chanceSeen(),
                            Then.of(one.told().ifSeen()),
                            Then.of(one.told().ifNot())));
        }
    }

    /** The likeliest suspect after a result. */
    record Then(String words, double probability) {
        static Then of(Diagnosis.Suspected one) {
            return new Then(one.cause().words(), one.probability());
        }
    }
}
