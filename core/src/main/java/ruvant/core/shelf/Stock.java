package ruvant.core.shelf;

import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Fastener;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * A kind of thing that lies in one place.
 *
 * @param name what it is: "retard pinion", "slotted screw"
 * @param madeFor the camera it was made for; {@link CameraKind#ANY} for what fits many
 * @param hardware its head, thread and length where it is a screw or the like; null otherwise
 * @param dimensions of a generic part, as "seal foam 1.5 mm"; may be empty
 * @param place where it lies
 * @param origin from where it came; may be empty
 * @param costMinor what one cost, in minor units; 0 where nothing
 * @param least so many are to be there; fewer are pointed out; 0 where that does not matter
 * @param picture of it, by the name the pictures are kept under; empty where there is none
 */
public record Stock(
        String name,
        CameraKind madeFor,
        @MayBeNull Fastener hardware,
        String dimensions,
        Condition condition,
        String place,
        String origin,
        long costMinor,
        int least,
        String remark,
        String picture) {
    /** A price nobody pays for a part: 100,000.00. */
    static final long MOST_MINOR = 10_000_000;

    /** One without a picture. */
    public Stock(
            String name,
            CameraKind madeFor,
            Fastener hardware,
            String dimensions,
            Condition condition,
            String place,
            String origin,
            long costMinor,
            int least,
            String remark) {
        this(name, madeFor, hardware, dimensions, condition, place, origin, costMinor, least, remark, "");
    }

    public Stock {
        name = Check.name("name", hardware != null && (name == null || name.isBlank()) ? hardware.type() : name);
        madeFor = Check.or(madeFor, CameraKind.ANY);
        dimensions = Check.optionalName("dimensions", dimensions);
        condition = Check.or(condition, Condition.USED);
        place = Check.name("place", place);
        origin = Check.optionalName("origin", origin);
        Check.within("cost", costMinor, 0, MOST_MINOR, "minor units");
        Check.count("least", least, 0, 10_000);
        remark = Check.optionalRemark("remark", remark);
        picture = Check.optionalName("picture", picture);
    }

    /** The same at another cost, in minor units. */
    public Stock withCost(long otherMinor) {
        return new Stock(
                name, madeFor, hardware, dimensions, condition, place, origin, otherMinor, least, remark, picture);
    }

    /** In words: "retard pinion for Pellworm Twin, 1st pattern". */
    public String words() {
        return (hardware == null || name.equals(hardware.type()) ? name : name + ", " + hardware.type())
                + (madeFor.fitsMany() ? "" : " for " + madeFor.words())
                + (dimensions.isEmpty() ? "" : ", " + dimensions);
    }
}
