package ruvant.core.parts;

import java.util.UUID;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.OldPiece;
import ruvant.core.trade.SourceKind;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Money;
import ruvant.core.units.PartName;

/** Parts that are needed and parts that took another's place. */
public sealed interface PartsEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.MEND;
    }

    /**
     * A part is required before work at its place can go on.
     *
     * @param piece the piece of it that is required, as its place is called; empty for the part itself
     * @param count how many, 1 to 999; null where nobody said, which means one
     * @param onlyIf on which condition, such as "only if the test fails"; null or empty for none
     */
    record NeedOpened(
            PartName part,
            String what,
            String piece,
            @MayBeNull Integer count,
            @MayBeNull String onlyIf) implements PartsEntry {
        /** One, without a condition. */
        public NeedOpened(PartName part, String what, String piece) {
            this(part, what, piece, null, "");
        }

        /** The part itself is required. */
        public NeedOpened(PartName part, String what) {
            this(part, what, "");
        }

        public NeedOpened {
            Check.chosen("part", part);
            what = Check.name("need", what);
            piece = Check.optionalName("piece", piece);
            Check.count("count", count == null ? 1 : count, 1, 999);
            onlyIf = Check.optionalName("onlyIf", onlyIf);
        }

        /** What is required, with how many and on which condition. */
        public String words() {
            return (count == null || count == 1 ? "" : count + " × ")
                    + what
                    + (onlyIf.isEmpty() ? "" : ", only if " + onlyIf);
        }
    }

    /**
     * The need is over without a replacement: mended after all, or done without.
     *
     * @param piece as for {@link NeedOpened}
     */
    record NeedDropped(PartName part, String why, String piece) implements PartsEntry {
        /** The part itself is no longer required. */
        public NeedDropped(PartName part, String why) {
            this(part, why, "");
        }

        public NeedDropped {
            Check.chosen("part", part);
            why = Check.remark("why", why);
            piece = Check.optionalName("piece", piece);
        }
    }

    /**
     * Another piece fills a place at a part, which meets the need of it: a screw, a ball, a washer.
     *
     * @param piece as the place is called: a fastener's type, a loose part's name
     * @param count how many, 1 to 99
     * @param from where it came from, such as "drawer 4"; may be empty
     * @param fromShelf the thing on the shelf that it was; null where it did not come from there
     */
    record PieceFitted(
            PartName part,
            String piece,
            int count,
            SourceKind source,
            String from,
            @MayBeNull UUID fromShelf) implements PartsEntry {
        public PieceFitted {
            Check.chosen("part", part);
            piece = Check.name("piece", piece);
            Check.count("pieceCount", count, 1, 99);
            Check.chosen("source", source);
            from = Check.optionalName("from", from);
        }
    }

    /**
     * Another piece takes the part's place, which meets any need of it.
     *
     * @param from which donor camera, shelf or supplier
     * @param pattern the pattern it was made for; may be empty
     * @param checked whether the piece was looked over before fitting
     * @param old where the part went that was there; null when only a piece of it was replaced, or nothing was there
     * @param madeFor the camera it was made for; null where nobody said, which means this very model
     * @param dimensions of a generic part or one made here, as "2.0 × 6.5 mm, brass"; may be empty
     * @param cost what the piece cost; null where nothing or not known
     * @param fromShelf the thing on the shelf that it was; null where it did not come from there
     */
    record Replaced(
            PartName part,
            SourceKind source,
            String from,
            String pattern,
            boolean checked,
            String remark,
            @MayBeNull OldPiece old,
            @MayBeNull CameraKind madeFor,
            String dimensions,
            @MayBeNull Money cost,
            @MayBeNull UUID fromShelf)
            implements PartsEntry {
        /** A replacement with nothing said of the old part. */
        public Replaced(PartName part, SourceKind source, String from, String pattern, boolean checked, String remark) {
            this(part, source, from, pattern, checked, remark, null);
        }

        /** One with no dimensions and no cost, which did not come from the shelf. */
        public Replaced(
                PartName part,
                SourceKind source,
                String from,
                String pattern,
                boolean checked,
                String remark,
                @MayBeNull OldPiece old) {
            this(part, source, from, pattern, checked, remark, old, null, "", null, null);
        }

        public Replaced {
            Check.chosen("part", part);
            Check.chosen("source", source);
            from = Check.name("from", from);
            pattern = Check.optionalName("pattern", pattern);
            remark = Check.optionalRemark("remark", remark);
            dimensions = Check.optionalName("dimensions", dimensions);
        }

        /** The same at another cost; null for none. */
        public Replaced withCost(@MayBeNull Money other) {
            return new Replaced(
                    part, source, from, pattern, checked, remark, old, madeFor, dimensions, other, fromShelf);
        }

        /** The kind of camera it was made for, in a camera of this kind. */
        public CameraKind madeFor(CameraKind own) {
            return madeFor != null
                    ? madeFor
                    : new CameraKind(own.maker(), own.model(), pattern.isEmpty() ? own.pattern() : pattern);
        }

        /** Whether its fit teaches something: it was made for some camera, which a screw out of a tin was not. */
        public boolean fitTeaches() {
            return source == SourceKind.DONOR || source == SourceKind.BOUGHT || madeFor != null;
        }
    }

    /**
     * A part made for one kind of camera was tried in this one.
     *
     * @param from the kind it was made for
     */
    record FitSeen(PartName part, CameraKind from, FitOutcome outcome, String remark) implements PartsEntry {
        public FitSeen {
            Check.chosen("part", part);
            Check.chosen("from", from);
            Check.chosen("outcome", outcome);
            remark = Check.optionalRemark("remark", remark);
        }

        @Override
        public Stop stop() {
            return Stop.REFIT;
        }
    }
}
