package ruvant.core.adjust;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.Stop;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;

/** What can be turned, what it is to bring right, what was turned, and what came of it. */
public sealed interface AdjustEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.MEND;
    }

    /**
     * How an adjuster moves one result.
     *
     * @param result name of the result; a marked speed for an exposure
     * @param effect how much turning it in or clockwise moves that result against the others it moves, positive for
     *     larger or slower, not 0
     */
    record Moves(Named result, double effect) {
        /** One that is only called so. */
        public Moves(String result, double effect) {
            this(Named.of(result), effect);
        }

        public Moves {
            result = Named.in("result", result);
            Check.within("effect", effect, -100, 100, "times");
            if (effect == 0) {
                throw new FieldProblem("effect", "Choose what the effect acts on.", "Leave “" + result + "” away.");
            }
        }
    }

    /**
     * An adjuster of this camera. Turns count from where it was first found, positive for clockwise, inward or onward.
     *
     * @param least as far as it goes outward, turns or places, -50 to 0
     * @param most as far as it goes inward, 0 to 50
     * @param caution what to mind before it is touched; may be empty
     * @param triedWith what has to be on before its result can be seen; may be empty
     * @param coverMinutes to put that on and take it off again, for every trial, 0 to 240
     * @param moves empty where nothing is known of what it moves
     */
    record AdjusterDescribed(
            Named name,
            TurnUnit unit,
            double least,
            double most,
            AdjusterLock lock,
            String caution,
            String triedWith,
            int coverMinutes,
            List<Moves> moves)
            implements AdjustEntry {
        /** One that is only called so. */
        public AdjusterDescribed(
                String name,
                TurnUnit unit,
                double least,
                double most,
                AdjusterLock lock,
                String caution,
                String triedWith,
                int coverMinutes,
                List<Moves> moves) {
            this(Named.of(name), unit, least, most, lock, caution, triedWith, coverMinutes, moves);
        }

        public AdjusterDescribed {
            name = Named.in("adjuster", name);
            unit = Check.or(unit, TurnUnit.EIGHTHS);
            Check.within("least", least, -50, 0, "turns");
            Check.within("most", most, 0, 50, "turns");
            lock = Check.or(lock, AdjusterLock.NONE);
            caution = Check.optionalRemark("caution", caution);
            triedWith = Check.optionalName("triedWith", triedWith);
            Check.count("coverMinutes", coverMinutes, 0, 240);
            moves = Check.some("results", moves, 16);
            if (most - least < unit.size() || (most - least) / unit.size() > 400) {
                throw new FieldProblem(
                        "range",
                        "“" + name + "” needs a range of 1 to 400 steps.",
                        "Enter how far it goes each way from where it was found.");
            }
        }

        /** Whether it is said to move a result. */
        boolean moves(Named result) {
            return moves.stream()
                    .anyMatch(one -> AdjustPicture.key(one.result()).equals(AdjustPicture.key(result)));
        }
    }

    /**
     * A result that is measured in a unit of its own, or only judged. Marked speeds need no description.
     *
     * @param unit of its figures, such as "arc-min"; empty where it is judged
     * @param wanted the figure that is right
     * @param tolerance allowed either way, above 0
     * @param measureSd how well one reading tells it, one standard deviation, at least 0
     * @param tooLow in words, what it is called on the outward side: "too early"; empty where it is measured
     * @param tooHigh on the inward side; may be empty where there is only one wrong side
     * @param moreIsFine whether a figure above what is wanted is as right as that; empty is no
     */
    record ResultDescribed(
            Named name,
            String unit,
            double wanted,
            double tolerance,
            double measureSd,
            String tooLow,
            String tooHigh,
            Optional<Boolean> moreIsFine)
            implements AdjustEntry {
        /** One that may be wrong either way. */
        public ResultDescribed(
                Named name,
                String unit,
                double wanted,
                double tolerance,
                double measureSd,
                String tooLow,
                String tooHigh) {
            this(name, unit, wanted, tolerance, measureSd, tooLow, tooHigh, Optional.empty());
        }

        /** One that is only called so. */
        public ResultDescribed(
                String name,
                String unit,
                double wanted,
                double tolerance,
                double measureSd,
                String tooLow,
                String tooHigh) {
            this(Named.of(name), unit, wanted, tolerance, measureSd, tooLow, tooHigh);
        }

        public ResultDescribed {
            name = Named.in("result", name);
            unit = Check.optionalName("unit", unit);
            Check.within("wanted", wanted, -1e6, 1e6, unit);
            Check.within("tolerance", tolerance, 1e-6, 1e6, unit);
            Check.within("measureSd", measureSd, 0, 1e6, unit);
            tooLow = Check.optionalName("tooLow", tooLow);
            tooHigh = Check.optionalName("tooHigh", tooHigh);
            moreIsFine = Check.or(moreIsFine, Optional.<Boolean>empty());
        }

        /** Whether it is judged in words, not measured. */
        public boolean judged() {
            return !tooLow.isEmpty() || !tooHigh.isEmpty();
        }

        /** What a judgement is called here. */
        public String words(Came came) {
            return switch (came) {
                case TOO_LOW -> tooLow;
                case RIGHT -> "right";
                case TOO_HIGH -> tooHigh;
            };
        }

        /** The words for how it may come, from the outward side to the inward. */
        public List<String> sides() {
            return Stream.of(tooLow, "right", tooHigh)
                    .filter(one -> !one.isEmpty())
                    .toList();
        }
    }

    /**
     * An adjuster was turned.
     *
     * @param by turns or places, positive for clockwise, inward or onward; not 0
     * @param remark may be empty
     */
    record Turned(Named adjuster, TurnUnit unit, double by, String remark) implements AdjustEntry {
        /** One that is only called so. */
        public Turned(String adjuster, TurnUnit unit, double by, String remark) {
            this(Named.of(adjuster), unit, by, remark);
        }

        public Turned {
            adjuster = Named.in("adjuster", adjuster);
            unit = Check.or(unit, TurnUnit.EIGHTHS);
            Check.within("turn", by, -50, 50, "turns");
            if (Math.abs(by) < 1e-6) {
                throw new FieldProblem("turn", "The turn is empty.", "Enter how far, and which way.");
            }
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * A result was read.
     *
     * @param value in the result's own unit
     */
    record ResultRead(Named result, double value, String remark) implements AdjustEntry {
        /** One that is only called so. */
        public ResultRead(String result, double value, String remark) {
            this(Named.of(result), value, remark);
        }

        public ResultRead {
            result = Named.in("result", result);
            Check.within("reading", value, -1e6, 1e6, "");
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /** A result was judged: which of two came first, trapped or free. */
    record ResultJudged(Named result, Came came, String remark) implements AdjustEntry {
        /** One that is only called so. */
        public ResultJudged(String result, Came came, String remark) {
            this(Named.of(result), came, remark);
        }

        public ResultJudged {
            result = Named.in("result", result);
            Check.chosen("came", came);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * An adjuster was moved by an amount that nobody measured.
     *
     * @param way which way, and how much in words: "in a hair", "until it binds, then back one step"
     */
    record Nudged(Named adjuster, String way) implements AdjustEntry {
        public Nudged {
            adjuster = Named.in("adjuster", adjuster);
            way = Check.name("way", way);
        }
    }

    /**
     * What came of the work, in words or as a figure of something that no tolerance is known of.
     *
     * @param what what was looked at, such as "spacing"; empty for the work as a whole
     * @param verdict such as "even", "no change"; empty where there is a figure
     * @param value null where it was only judged
     * @param unit of the figure; may be empty
     */
    record ResultSaid(
            String what, String verdict, @MayBeNull Double value, String unit) implements AdjustEntry {
        public ResultSaid {
            what = Check.optionalName("what", what);
            verdict = Check.optionalName("verdict", verdict);
            Check.optionalWithin("value", value, -1e6, 1e6, "");
            unit = Check.optionalName("unit", unit);
            if (verdict.isEmpty() && value == null) {
                throw new FieldProblem(
                        "verdict", "It is not said what came of it.", "Say how it came out, or a figure.");
            }
        }
    }

    /** How a judged result came out. */
    enum Came {
        TOO_LOW,
        RIGHT,
        TOO_HIGH
    }
}
