package ruvant.core.job;

import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;

/** Parts that are needed and parts that took another's place. */
public sealed interface PartsEntry extends Entry {
    @Override
    default Stop stop() {
        return Stop.MEND;
    }

    /** A part is required before work at its place can go on. */
    record NeedOpened(PartName part, String what) implements PartsEntry {
        public NeedOpened {
            Check.chosen("part", part);
            what = Check.name("need", what);
        }
    }

    /** The need is over without a replacement: mended after all, or done without. */
    record NeedDropped(PartName part, String why) implements PartsEntry {
        public NeedDropped {
            Check.chosen("part", part);
            why = Check.remark("why", why);
        }
    }

    /**
     * Another piece takes the part's place, which meets any need of it.
     *
     * @param from which donor camera, shelf or supplier
     * @param pattern the pattern it was made for; may be empty
     * @param checked whether the piece was looked over before fitting
     * @param old where the part went that was there; null when only a piece of it was replaced, or nothing was there
     */
    record Replaced(
            PartName part,
            SourceKind source,
            String from,
            String pattern,
            boolean checked,
            String remark,
            @MayBeNull OldPiece old)
            implements PartsEntry {
        /** A replacement with nothing said of the old part. */
        public Replaced(PartName part, SourceKind source, String from, String pattern, boolean checked, String remark) {
            this(part, source, from, pattern, checked, remark, null);
        }

        public Replaced {
            Check.chosen("part", part);
            Check.chosen("source", source);
            from = Check.name("from", from);
            pattern = Check.optionalName("pattern", pattern);
            remark = Check.optionalRemark("remark", remark);
        }
    }
}
