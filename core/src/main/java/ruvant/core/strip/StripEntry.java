package ruvant.core.strip;

import java.util.List;
import java.util.Set;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/** What was taken off, and how it lay. */
public sealed interface StripEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.STRIP;
    }

    /**
     * A part came off.
     *
     * @param covers whether it lies over what is taken off under it on its side (plates, covers, housings, leather)
     * @param wells where its pieces lie in the tray; empty when it lies elsewhere
     * @param setting how its control stood, such as "1/125"; may be empty
     * @param mark null for none
     * @param within the sub-assembly it was taken from; null when it came from the camera itself
     * @param stack an ordered stack that it consists of, outermost first, each with which way up; empty for none
     * @param state how the mechanism must stand for it to come off and to go on; null when it does not matter
     * @param away how it came away; null where nobody said
     */
    record Removed(
            PartName part,
            Side side,
            boolean covers,
            List<Fastener> fasteners,
            List<Joint> joints,
            List<WellName> wells,
            String setting,
            @MayBeNull Mark mark,
            List<LoosePart> loose,
            Set<Hazard> hazards,
            String remark,
            @MayBeNull PartName within,
            List<String> stack,
            @MayBeNull MechanismState state,
            @MayBeNull CameAway away)
            implements StripEntry {
        /** Two screws cannot pull a plate askew before the last is in; so many can. */
        public static final int PULL_ASKEW = 3;

        public Removed {
            Check.chosen("part", part);
            Check.chosen("side", side);
            fasteners = Check.some("fasteners", fasteners, 30);
            joints = Check.some("joints", joints, 30);
            wells = Check.some("wells", wells, 12).stream().distinct().toList();
            setting = Check.optionalName("setting", setting);
            loose = Check.some("looseParts", loose, 20);
            hazards = Check.set(hazards);
            remark = Check.optionalRemark("remark", remark);
            stack = Check.some("stack", stack, 40).stream()
                    .map(one -> Check.name("stack", one))
                    .toList();
            if (part.equals(within)) {
                throw new ruvant.core.units.FieldProblem(
                        "within", "“" + part + "” cannot come out of itself.", "Name the assembly it belongs to.");
            }
            long types = fasteners.stream().map(Fastener::type).distinct().count();
            if (types < fasteners.size()) {
                throw new ruvant.core.units.FieldProblem(
                        "fasteners", "The same type of fastener is listed twice.", "Add the counts together.");
            }
        }

        /** A removal of which nobody said how it came away. */
        public Removed(
                PartName part,
                Side side,
                boolean covers,
                List<Fastener> fasteners,
                List<Joint> joints,
                List<WellName> wells,
                String setting,
                @MayBeNull Mark mark,
                List<LoosePart> loose,
                Set<Hazard> hazards,
                String remark,
                @MayBeNull PartName within,
                List<String> stack,
                @MayBeNull MechanismState state) {
            this(
                    part, side, covers, fasteners, joints, wells, setting, mark, loose, hazards, remark, within, stack,
                    state, null);
        }

        /** A removal from the camera itself, with no stack and in any state. */
        public Removed(
                PartName part,
                Side side,
                boolean covers,
                List<Fastener> fasteners,
                List<Joint> joints,
                List<WellName> wells,
                String setting,
                @MayBeNull Mark mark,
                List<LoosePart> loose,
                Set<Hazard> hazards,
                String remark) {
            this(
                    part, side, covers, fasteners, joints, wells, setting, mark, loose, hazards, remark, null,
                    List.of(), null);
        }

        /** A bare removal: a part from a side, nothing else noted. */
        public static Removed of(String part, Side side, boolean covers) {
            return new Removed(
                    PartName.of(part),
                    side,
                    covers,
                    List.of(),
                    List.of(),
                    List.of(),
                    "",
                    null,
                    List.of(),
                    Set.of(),
                    "");
        }

        /** The same removal, out of an assembly; null for the camera itself. */
        public Removed outOf(@MayBeNull PartName assembly) {
            return new Removed(
                    part, side, covers, fasteners, joints, wells, setting, mark, loose, hazards, remark, assembly,
                    stack, state, away);
        }

        /** The same removal, with its pieces in other wells. */
        public Removed in(List<WellName> others) {
            return new Removed(
                    part, side, covers, fasteners, joints, others, setting, mark, loose, hazards, remark, within, stack,
                    state, away);
        }

        /** Fasteners that came out altogether, not only loosened. */
        public int screwsOut() {
            int screws = 0;
            for (Fastener one : fasteners) {
                screws += one.staysIn() ? 0 : one.count();
            }
            return screws;
        }

        /** Pieces that lie out: the part itself, its fasteners that came out, its loose small parts. */
        public int pieces() {
            int pieces = 1 + screwsOut();
            for (LoosePart one : loose) {
                pieces += one.count();
            }
            return pieces;
        }
    }

    /** The cover edge "over lies over under" was set or taken away by hand. */
    record EdgeSet(PartName over, PartName under, boolean present) implements StripEntry {
        public EdgeSet {
            Check.chosen("over", over);
            Check.chosen("under", under);
            if (over.equals(under)) {
                throw new ruvant.core.units.FieldProblem(
                        "over", "“" + over + "” cannot lie over itself.", "Name two different parts.");
            }
        }
    }

    /**
     * A part lies neither over nor under some others, whatever the order in which they came off.
     *
     * @param others at least one
     */
    record FreeOf(PartName part, List<PartName> others) implements StripEntry {
        public FreeOf {
            Check.chosen("part", part);
            others = Check.some("others", others, 60).stream().distinct().toList();
            if (others.isEmpty() || others.contains(part)) {
                throw new ruvant.core.units.FieldProblem(
                        "others",
                        "It is not said which other parts “" + part + "” is free of.",
                        "Name at least one other part.");
            }
        }
    }

    /**
     * A small piece is gone.
     *
     * @param piece what it is: a fastener's type, a loose part's name, the part itself, or any other that belonged there
     * @param count how many, 1 to 99
     * @param unlisted whether nothing was noted of such a piece before, and it belongs there all the same
     */
    record Lost(PartName part, String piece, int count, boolean unlisted) implements StripEntry {
        /** One that was noted with the part. */
        public Lost(PartName part, String piece, int count) {
            this(part, piece, count, false);
        }

        public Lost {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("lostCount", count, 1, 99);
        }
    }

    /**
     * A small piece broke or was given up: it is accounted for, but its place wants another.
     *
     * @param piece as for {@link Lost}
     * @param count how many, 1 to 99
     * @param how what happened to it; may be empty
     * @param unlisted as for {@link Lost}
     */
    record Destroyed(PartName part, String piece, int count, String how, boolean unlisted) implements StripEntry {
        /** One that was noted with the part. */
        public Destroyed(PartName part, String piece, int count, String how) {
            this(part, piece, count, how, false);
        }

        public Destroyed {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("destroyedCount", count, 1, 99);
            how = Check.optionalRemark("how", how);
        }
    }

    /**
     * A place was empty already when the camera came in.
     *
     * @param what the piece that should be there, 1 to 99 of them
     * @param where at which part; may be empty
     */
    record MissingOnArrival(String what, int count, String where) implements StripEntry {
        public MissingOnArrival {
            what = Check.name("missing", what);
            Check.count("missingCount", count, 1, 99);
            where = Check.optionalName("where", where);
        }

        /** The place; a piece of which nobody said where it belongs belongs to the camera. */
        public PiecePlace place() {
            return new PiecePlace(PartName.of(where.isEmpty() ? "camera" : where), what);
        }
    }

    /**
     * A piece lay in the camera that belongs nowhere; it goes to stock.
     *
     * @param what the piece, 1 to 99 of them
     * @param kept where it is kept now; may be empty
     */
    record Surplus(String what, int count, String kept) implements StripEntry {
        public Surplus {
            what = Check.name("surplus", what);
            Check.count("surplusCount", count, 1, 99);
            kept = Check.optionalName("kept", kept);
        }
    }

    /** A part has another witness mark besides the one noted when it came off. */
    record AlsoMarked(PartName part, Mark mark) implements StripEntry {
        public AlsoMarked {
            Check.chosen("part", part);
            Check.chosen("mark", mark);
        }
    }

    /** A part goes on only while another thing, too, stands so: the shutter cocked and the mirror up. */
    record AlsoWants(PartName part, MechanismState state) implements StripEntry {
        public AlsoWants {
            Check.chosen("part", part);
            Check.chosen("state", state);
        }
    }

    /** The mechanism was brought into a state: cocked, mirror up, back open. */
    record StateSet(MechanismState state) implements StripEntry {
        public StateSet {
            Check.chosen("state", state);
        }
    }

    /**
     * A spring was let down before it could fly.
     *
     * @param turns turns counted while letting it down, 0 (not counted) to 200, quarters allowed
     * @param remark which way, with what it was held; may be empty
     */
    record SpringLetDown(String spring, double turns, String remark) implements StripEntry {
        public SpringLetDown {
            spring = Check.name("spring", spring);
            Check.within("turns", turns, 0, 200, "turns");
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /** A spring that was let down is wound again, by so many turns. */
    record SpringWound(String spring, double turns, String remark) implements StripEntry {
        public SpringWound {
            remark = Check.optionalRemark("remark", remark);
            spring = Check.name("spring", spring);
            Check.within("turns", turns, 0, 200, "turns");
        }
    }

    /**
     * Something was tried on a stuck fastener.
     *
     * @param part the part that it holds
     * @param fastener which one, in words
     * @param rung what was tried, of the shop's ladder
     * @param freed whether it moved
     * @param remark what was seen; may be empty
     * @param agreed how the owner agreed to what cannot be undone, such as "by telephone"; empty where nobody was asked
     */
    record StuckTried(PartName part, String fastener, Named rung, boolean freed, String remark, String agreed)
            implements StripEntry {
        public StuckTried {
            Check.chosen("part", part);
            fastener = Check.name("fastener", fastener);
            // lines of earlier versions name a rung in capitals; its id is the same in small letters
            rung = Named.in("rung", rung);
            rung = rung.words().matches("[A-Z_]+") ? new Named(rung.id(), "") : rung;
            remark = Check.optionalRemark("remark", remark);
            agreed = Check.optionalRemark("agreed", agreed);
        }
    }

    /**
     * What came off lies elsewhere now.
     *
     * @param wells all the wells in which its pieces lie from now on; empty when they lie outside the trays
     */
    record Moved(PartName part, List<WellName> wells) implements StripEntry {
        public Moved {
            Check.chosen("part", part);
            wells = Check.some("wells", wells, 12).stream().distinct().toList();
        }
    }

    /**
     * Something that is better left alone, for whoever opens such a camera next.
     *
     * @param what such as "the two screws beside the shaft"
     * @param why what they hold, or what happens; may be empty
     */
    record LeaveAlone(String what, String why) implements StripEntry {
        public LeaveAlone {
            what = Check.name("leaveAlone", what);
            why = Check.optionalRemark("why", why);
        }
    }

    /**
     * A lost piece turned up.
     *
     * @param where it was; may be empty
     * @param minutes it was looked for, 0 for not counted
     */
    record FoundAgain(PartName part, String piece, int count, String where, int minutes) implements StripEntry {
        /** Nobody said where. */
        public FoundAgain(PartName part, String piece, int count) {
            this(part, piece, count, "", 0);
        }

        public FoundAgain {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("foundCount", count, 1, 99);
            where = Check.optionalName("where", where);
            Check.count("minutes", minutes, 0, 6_000);
        }
    }

    /**
     * A place stays empty, and why.
     *
     * @param piece as for {@link Lost}
     * @param count how many places, 1 to 99
     */
    record LeftEmpty(PartName part, String piece, int count, String why) implements StripEntry {
        public LeftEmpty {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("emptyCount", count, 1, 99);
            why = Check.remark("whyEmpty", why);
        }

        /** The place. */
        public PiecePlace place() {
            return new PiecePlace(part, piece);
        }
    }
}
