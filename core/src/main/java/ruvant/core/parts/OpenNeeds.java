package ruvant.core.parts;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ruvant.core.house.Rates;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.trade.CameraKind;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

/** What the cameras in the shop ask for. */
public final class OpenNeeds {
    private OpenNeeds() {}

    /** What was taken for a camera and has not gone into it yet: it is in no drawer and must not be forgotten. */
    public static List<ShelfPicture.AtBench> atBench(TagNumber tag, PartsPicture parts, ShelfPicture shelf) {
        return shelf.atBench().stream()
                .filter(taken -> taken.forNeed().tag().equals(tag))
                .filter(taken -> parts.replacements().stream()
                        .noneMatch(one -> taken.thing().of().equals(one.what().fromShelf())
                                && one.what().part().equals(taken.forNeed().part())
                                && !one.at().isBefore(taken.since())))
                .filter(taken -> parts.pieces().stream()
                        .noneMatch(one -> taken.thing().of().equals(one.what().fromShelf())
                                && PartName.of(one.what().piece())
                                        .equals(taken.forNeed().part())
                                && !one.at().isBefore(taken.since())))
                .toList();
    }

    /**
     * The open needs of one camera. What it is worth to help it is shared among them, since it goes out only when all are
     * met: what the owner says it is worth, else what the shop reckons with.
     */
    public static List<Sources.Asked> of(
            TagNumber tag,
            IntakeEntry.Received received,
            Optional<LocalDate> promised,
            PartsPicture parts,
            Rates rates) {
        List<PartsPicture.Need> open = parts.openNeeds();
        long worth = received.owner().worth() == null
                ? rates.needMinor()
                : received.owner().worth().minor();
        return open.stream()
                .map(need -> new Sources.Asked(
                        new ForNeed(tag, need.wanted()),
                        need.what(),
                        CameraKind.of(received.camera()),
                        worth / open.size(),
                        promised))
                .toList();
    }
}
