package ruvant.core.intake;

import java.time.LocalDate;
import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.trade.BodySide;
import ruvant.core.trade.Camera;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.Stop;
import ruvant.core.trade.Tried;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What came in, in what state, and what is to be done about it. */
public sealed interface IntakeEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.INTAKE;
    }

    /**
     * A camera came in; said again, it replaces what was said before (the earlier line is struck).
     *
     * @param lens the lens that came with it; may be empty
     * @param accessories each goes back at return
     * @param complaint in the owner's words
     * @param series how its marked speeds are meant
     * @param speeds marked speeds on its dial, slowest first, as engraved
     * @param promised the day it was promised for; null for none
     * @param features what tells its pattern to the eye, such as "distance scale engraved"
     */
    record Received(
            Camera camera,
            Owner owner,
            String lens,
            List<String> accessories,
            String complaint,
            SpeedSeries series,
            List<String> speeds,
            @MayBeNull LocalDate promised,
            List<String> features)
            implements IntakeEntry {
        /** A camera of which no feature was noted. */
        public Received(
                Camera camera,
                Owner owner,
                String lens,
                List<String> accessories,
                String complaint,
                SpeedSeries series,
                List<String> speeds,
                @MayBeNull LocalDate promised) {
            this(camera, owner, lens, accessories, complaint, series, speeds, promised, List.of());
        }

        public Received {
            features = Check.some("features", features, 20).stream()
                    .map(one -> Check.name("feature", one))
                    .distinct()
                    .toList();
            Check.chosen("camera", camera);
            Check.chosen("owner", owner);
            lens = Check.optionalName("lens", lens);
            accessories = Check.some("accessories", accessories, 40).stream()
                    .map(one -> Check.name("accessory", one))
                    .toList();
            complaint = Check.remark("complaint", complaint);
            series = Check.or(series, SpeedSeries.DOUBLING);
            speeds = Check.some("speeds", speeds, 24).stream()
                    .map(one -> Check.name("speed", one))
                    .toList();
        }
    }

    /**
     * A place on the drawing of one side.
     *
     * @param x from the left edge of the side as it is drawn, 0 to 1 of its width
     * @param y from its upper edge, 0 to 1 of its height
     */
    record Place(BodySide side, double x, double y) {
        public Place {
            Check.chosen("side", side);
            Check.within("x", x, 0, 1, "of the width");
            Check.within("y", y, 0, 1, "of the height");
        }
    }

    /**
     * Something seen outside before opening.
     *
     * @param place where on the drawing; null when only the region was said
     * @param picture name of a picture of this job that shows it; empty for none
     */
    record ConditionFound(
            Region region,
            ConditionKind condition,
            Severity severity,
            String remark,
            @MayBeNull Place place,
            String picture)
            implements IntakeEntry {
        /** A finding of which only the region is known. */
        public ConditionFound(Region region, ConditionKind condition, Severity severity, String remark) {
            this(region, condition, severity, remark, null, "");
        }

        public ConditionFound {
            picture = Check.optionalName("picture", picture);
            Check.chosen("region", region);
            Check.chosen("condition", condition);
            Check.chosen("severity", severity);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * Evidence that somebody was in here before.
     *
     * @param part where it is; null where no part was named
     */
    record VisitorSign(
            VisitorSignKind sign, String remark, @MayBeNull PartName part) implements IntakeEntry {
        /** A sign of no part in particular. */
        public VisitorSign(VisitorSignKind sign, String remark) {
            this(sign, remark, null);
        }

        public VisitorSign {
            Check.chosen("sign", sign);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * What a function did before opening; what works now must work at return.
     *
     * @param tried how it was tried; null where nobody said
     */
    record FunctionChecked(
            Named function,
            FunctionResult result,
            String remark,
            @MayBeNull Tried tried) implements IntakeEntry {
        /** One of which nobody said how it was tried. */
        public FunctionChecked(Named function, FunctionResult result, String remark) {
            this(function, result, remark, null);
        }

        /** One that is only called so. */
        public FunctionChecked(String function, FunctionResult result, String remark) {
            this(Named.of(function), result, remark);
        }

        public FunctionChecked {
            function = Named.in("function", function);
            Check.chosen("result", result);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * The battery found, and the state of its chamber.
     *
     * @param volts as it was measured, 0 to 30 V; null where it was not
     */
    record BatteryFound(
            String cell, String chamber, @MayBeNull Double volts) implements IntakeEntry {
        /** One that was not measured. */
        public BatteryFound(String cell, String chamber) {
            this(cell, chamber, null);
        }

        public BatteryFound {
            cell = Check.name("cell", cell);
            chamber = Check.optionalRemark("chamber", chamber);
            Check.optionalWithin("volts", volts, 0, 30, "V");
        }
    }

    /** One thing that is to be done. */
    record ScopeAdded(Named what) implements IntakeEntry {
        /** One that is only called so. */
        public ScopeAdded(String what) {
            this(Named.of(what));
        }

        public ScopeAdded {
            what = Named.in("scope", what);
        }
    }

    /**
     * One thing of the scope is settled.
     *
     * @param done false when it is left, which needs a reason
     */
    record ScopeSettled(Named what, boolean done, String reason) implements IntakeEntry {
        /** One that is only called so. */
        public ScopeSettled(String what, boolean done, String reason) {
            this(Named.of(what), done, reason);
        }

        public ScopeSettled {
            what = Named.in("scope", what);
            reason = done ? Check.optionalRemark("reason", reason) : Check.remark("reason", reason);
        }
    }
}
