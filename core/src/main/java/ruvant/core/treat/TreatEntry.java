package ruvant.core.treat;

import java.util.List;
import java.util.UUID;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.DryRunResult;
import ruvant.core.trade.FinishKind;
import ruvant.core.trade.ModificationKind;
import ruvant.core.trade.ProbeKind;
import ruvant.core.trade.Stop;
import ruvant.core.trade.Verdict;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** Cleaning, waiting, mending, oiling: the floor of the valley. */
public sealed interface TreatEntry extends JobEntry {

    /**
     * A part was cleaned.
     *
     * @param agent by its id in the materials table
     * @param materials ids of what the part and its near neighbours are made of
     * @param verdict what the table said when it was done
     * @param reason why it is done anyway; needed when the verdict is "no"
     * @param soil id of what came off; may be empty
     * @param method id of how; may be empty
     * @param manner with what, how often, how long; null where nobody said
     */
    record Cleaned(
            PartName part,
            Named agent,
            List<String> materials,
            Verdict verdict,
            String reason,
            String soil,
            String method,
            @MayBeNull Manner manner)
            implements TreatEntry {
        /** With nothing said of how it was put on. */
        public Cleaned(
                PartName part,
                Named agent,
                List<String> materials,
                Verdict verdict,
                String reason,
                String soil,
                String method) {
            this(part, agent, materials, verdict, reason, soil, method, null);
        }

        /** With nothing said of what came off, and how; the agent by its id alone. */
        public Cleaned(PartName part, String agent, List<String> materials, Verdict verdict, String reason) {
            this(part, Named.of(agent), materials, verdict, reason, "", "");
        }

        public Cleaned {
            soil = Check.optionalName("soil", soil);
            method = Check.optionalName("method", method);
            Check.chosen("part", part);
            agent = Named.in("agent", agent);
            materials = Check.some("materials", materials, 20);
            verdict = Check.or(verdict, Verdict.NOT_LISTED);
            reason = Check.optionalRemark("reason", reason);
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /**
     * A surface was worked on otherwise than by cleaning or oiling.
     *
     * @param with what it was done with, such as "cold blue"; may be empty
     * @param manner how; null where nobody said
     */
    record Finished(
            PartName part,
            FinishKind how,
            String with,
            @MayBeNull Manner manner) implements TreatEntry {
        public Finished {
            Check.chosen("part", part);
            Check.chosen("how", how);
            with = Check.optionalName("with", with);
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /** How a part runs dry, judged before any oil covers it up. */
    record RunDry(PartName part, DryRunResult result, String remark) implements TreatEntry {
        public RunDry {
            Check.chosen("part", part);
            Check.chosen("result", result);
            remark = Check.optionalRemark("remark", remark);
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /** A caution was shown before hands began; {@code caution} is its id in the table. */
    record CautionShown(String caution) implements TreatEntry {
        public CautionShown {
            caution = Check.name("caution", caution);
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /**
     * A wait began; it runs on the wall clock from the line's time.
     *
     * @param part what waits; null when the whole camera does
     * @param what by the id of a usual wait of the table, where it is one
     * @param minutes until it is over, 1 to 43,200 (thirty days)
     * @param latestMinutes until it is too late to go on, from the start as well; 0 where it never is
     * @param station what it lies in or on meanwhile; empty for nothing that another could want
     * @param late what to do where it became too late; may be empty
     */
    record WaitStarted(
            @MayBeNull PartName part, Named what, int minutes, int latestMinutes, String station, String late)
            implements TreatEntry {
        /** A wait that holds no station and is never too late, in words. */
        public WaitStarted(@MayBeNull PartName part, String what, int minutes) {
            this(part, what, minutes, 0, "", "");
        }

        /** One that is said in words. */
        public WaitStarted(
                @MayBeNull PartName part, String what, int minutes, int latestMinutes, String station, String late) {
            this(part, Named.of(what), minutes, latestMinutes, station, late);
        }

        public WaitStarted {
            what = Named.in("wait", what);
            Check.count("waitMinutes", minutes, 1, 43_200);
            Check.count("latestMinutes", latestMinutes, 0, 86_400);
            station = Check.optionalName("station", station);
            late = Check.optionalRemark("late", late);
            if (latestMinutes > 0 && latestMinutes <= minutes) {
                throw new FieldProblem(
                        "latestMinutes",
                        "It would be too late before it has finished.",
                        "Enter more minutes than " + minutes + ", or none.");
            }
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /**
     * A wait was seen to be over, or was cut short.
     *
     * @param waitId the line that started it
     * @param remark why early, or what was seen; may be empty
     */
    record WaitEnded(UUID waitId, String remark) implements TreatEntry {
        public WaitEnded {
            Check.chosen("wait", waitId);
            remark = Check.optionalRemark("remark", remark);
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /**
     * Something was mended.
     *
     * @param modification whether it now differs from the factory
     * @param agreed how the owner agreed to that; empty where nobody was asked
     */
    record Mended(PartName part, String what, boolean modification, String agreed) implements TreatEntry {
        /** Something mended without a word of the owner. */
        public Mended(PartName part, String what, boolean modification) {
            this(part, what, modification, "");
        }

        public Mended {
            agreed = Check.optionalRemark("agreed", agreed);
            Check.chosen("part", part);
            what = Check.remark("what", what);
        }

        @Override
        public Stop stop() {
            return Stop.MEND;
        }
    }

    /**
     * One go at making a part differ from the factory; goes at the same line of the same part add up.
     *
     * @param what which corner, hole or contact
     * @param limit up to where, in words: "not past the scribed line"; may be empty
     * @param limitMm how much may come off in all, 0.01 to 50 mm; null where nothing is measured
     * @param takenMm how much this go took, 0 to 50 mm; null where nothing is measured
     * @param result what the try after it showed; may be empty
     * @param agreed how the owner agreed; empty where nobody was asked
     * @param pastReason why more than the limit came off; needed when it did
     */
    record Modified(
            PartName part,
            ModificationKind how,
            String what,
            String limit,
            @MayBeNull Double limitMm,
            @MayBeNull Double takenMm,
            String result,
            String agreed,
            String pastReason)
            implements TreatEntry {
        public Modified {
            Check.chosen("part", part);
            Check.chosen("how", how);
            what = Check.name("what", what);
            limit = Check.optionalName("limit", limit);
            Check.optionalWithin("limitMm", limitMm, 0.01, 50, "mm");
            Check.optionalWithin("takenMm", takenMm, 0, 50, "mm");
            result = Check.optionalRemark("result", result);
            agreed = Check.optionalRemark("agreed", agreed);
            pastReason = Check.optionalRemark("pastReason", pastReason);
        }

        /** Whether it goes on with the same thing. */
        public boolean sameAs(Modified other) {
            return part.equals(other.part) && how == other.how && what.equalsIgnoreCase(other.what);
        }

        @Override
        public Stop stop() {
            return Stop.MEND;
        }
    }

    /**
     * What a part is made of, where its name does not tell.
     *
     * @param materials ids of the materials table, at least one
     */
    record MadeOf(PartName part, List<String> materials) implements TreatEntry {
        public MadeOf {
            Check.chosen("part", part);
            materials = Check.some("materials", materials, 20);
            if (materials.isEmpty()) {
                throw new FieldProblem("materials", "No material is chosen.", "Choose at least one.");
            }
        }

        @Override
        public Stop stop() {
            return Stop.CLEAN;
        }
    }

    /**
     * A multimeter was held to two places.
     *
     * @param meter what it was set to
     * @param value in ohms for continuity, in volts otherwise; null where the circuit is open
     * @param instrument what read it; may be empty where it was typed
     */
    record Probed(
            ProbeKind meter,
            String from,
            String to,
            @MayBeNull Double value,
            String instrument,
            String remark) implements TreatEntry {
        public Probed {
            Check.chosen("meter", meter);
            from = Check.name("from", from);
            to = Check.name("to", to);
            if (from.equalsIgnoreCase(to)) {
                throw new FieldProblem("to", "Both probes are at “" + from + "”.", "Move one of them.");
            }
            if (meter == ProbeKind.CONTINUITY) {
                Check.optionalWithin("value", value, 0, 1e9, "Ω");
            } else {
                Check.within("value", Check.chosen("value", value), -400, 400, "V");
            }
            instrument = Check.optionalName("instrument", instrument);
            remark = Check.optionalRemark("remark", remark);
        }

        @Override
        public Stop stop() {
            return Stop.MEND;
        }
    }

    /**
     * A point was lubricated, or deliberately left dry.
     *
     * @param point what was oiled, in words
     * @param pointKind id of the kind of point in the lubrication table
     * @param lubricant what was used; by its id in the table; "none" for left dry
     * @param reason why it departs from the house practice; may be empty when it does not
     * @param manner with what, how much; null where nobody said
     */
    record Lubricated(
            PartName part,
            Named point,
            String pointKind,
            Named lubricant,
            String reason,
            @MayBeNull Manner manner) implements TreatEntry {
        /** With nothing said of how it was put on. */
        public Lubricated(PartName part, Named point, String pointKind, Named lubricant, String reason) {
            this(part, point, pointKind, lubricant, reason, null);
        }

        /** A point that is only called so; the lubricant by its id alone. */
        public Lubricated(PartName part, String point, String pointKind, String lubricant, String reason) {
            this(part, Named.of(point), pointKind, Named.of(lubricant), reason);
        }

        public Lubricated {
            Check.chosen("part", part);
            point = Named.in("point", point);
            pointKind = Check.optionalName("pointKind", pointKind);
            lubricant = Named.in("lubricant", lubricant);
            reason = Check.optionalRemark("reason", reason);
        }

        /** Whether it was deliberately left dry. */
        public boolean dry() {
            return lubricant.is("none");
        }

        @Override
        public Stop stop() {
            return Stop.OIL;
        }
    }
}
