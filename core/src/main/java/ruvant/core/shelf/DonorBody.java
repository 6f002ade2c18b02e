package ruvant.core.shelf;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Family;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;

/**
 * A camera kept for its parts.
 *
 * @param kind model and pattern
 * @param serial engraved number; may be empty
 * @param fault its fault, in words
 * @param place where it stands
 * @param origin from where it came; may be empty
 * @param asIsMinor what it would bring as it stands, minor units
 * @param mendedMinor what it would bring mended
 * @param chanceMended that mending it comes off, 0 to 1
 * @param mendMinutes of work to mend it
 * @param mendCostMinor of what has to be bought for that
 * @param openMinutes to take it apart so far that its parts can be had
 * @param parts what is in it
 * @param picture of it, by the name the pictures are kept under; empty where there is none
 */
public record DonorBody(
        CameraKind kind,
        Family family,
        String serial,
        String fault,
        String place,
        String origin,
        long asIsMinor,
        long mendedMinor,
        double chanceMended,
        int mendMinutes,
        long mendCostMinor,
        int openMinutes,
        List<BodyPart> parts,
        String picture) {
    private static final int MOST_PARTS = 400;

    /** One without a picture. */
    public DonorBody(
            CameraKind kind,
            Family family,
            String serial,
            String fault,
            String place,
            String origin,
            long asIsMinor,
            long mendedMinor,
            double chanceMended,
            int mendMinutes,
            long mendCostMinor,
            int openMinutes,
            List<BodyPart> parts) {
        this(
                kind,
                family,
                serial,
                fault,
                place,
                origin,
                asIsMinor,
                mendedMinor,
                chanceMended,
                mendMinutes,
                mendCostMinor,
                openMinutes,
                parts,
                "");
    }

    public DonorBody {
        Check.chosen("kind", kind);
        Check.name("maker", kind.maker());
        Check.name("model", kind.model());
        Check.chosen("family", family);
        serial = Check.optionalName("serial", serial);
        fault = Check.optionalRemark("fault", fault);
        place = Check.name("place", place);
        origin = Check.optionalName("origin", origin);
        Check.within("asIs", asIsMinor, 0, Stock.MOST_MINOR, "minor units");
        Check.within("mended", mendedMinor, 0, Stock.MOST_MINOR, "minor units");
        Check.within("chanceMended", chanceMended, 0, 1, "");
        Check.count("mendMinutes", mendMinutes, 0, 10_000);
        Check.within("mendCost", mendCostMinor, 0, Stock.MOST_MINOR, "minor units");
        Check.count("openMinutes", openMinutes, 0, 10_000);
        picture = Check.optionalName("picture", picture);
        parts = Check.some("parts", parts, MOST_PARTS);
        Set<String> names = new HashSet<>();
        for (BodyPart part : parts) {
            if (!names.add(PartName.of(part.name()).key())) {
                throw new FieldProblem(
                        "parts", "“" + part.name() + "” is in the list twice.", "Name a pair left and right.");
            }
        }
    }

    /** The part of this name. */
    public Optional<BodyPart> part(String name) {
        String key = PartName.of(name).key();
        return parts.stream()
                .filter(one -> PartName.of(one.name()).key().equals(key))
                .findFirst();
    }

    /** In words: "Pellworm Twin, 1st pattern, no. 20411". */
    public String words() {
        return kind.words() + (serial.isEmpty() ? "" : ", no. " + serial);
    }
}
