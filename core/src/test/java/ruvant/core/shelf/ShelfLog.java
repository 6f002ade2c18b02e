package ruvant.core.shelf;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Family;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

/** A shelf's log in the making: adds what makes sense and says what does not. */
public final class ShelfLog {
    public static final CameraKind FIRST = new CameraKind("Pellworm", "Twin", "1st pattern");
    public static final CameraKind SECOND = new CameraKind("Pellworm", "Twin", "2nd pattern");
    public static final Instant START = Instant.parse("2026-03-02T09:00:00Z");

    private Log<ShelfEntry> log = Log.empty(ShelfRoom.LOG);

    /** The need of a part of a camera. */
    public static ForNeed need(int tag, String part) {
        return new ForNeed(new TagNumber(tag), PartName.of(part));
    }

    /** A plain stock in drawer 3. */
    public static Stock stock(String name, CameraKind madeFor, Condition condition) {
        return new Stock(name, madeFor, null, "", condition, "drawer 3", "", 0, 0, "");
    }

    /** A donor of the first pattern with some parts. */
    public static DonorBody donor(BodyPart... parts) {
        return new DonorBody(
                FIRST,
                Family.LEAF_UNIT,
                "5512",
                "shutter dead",
                "top board",
                "",
                2000,
                9000,
                0.5,
                120,
                500,
                30,
                List.of(parts));
    }

    public UUID add(Entry entry) {
        Line line = line(entry);
        Optional<Refusal> refused = ShelfRoom.KERNEL.refusal(log, List.of(line));
        if (refused.isPresent()) {
            throw new AssertionError(refused.get().message());
        }
        log = log.plus(List.of(line));
        return line.id();
    }

    public Optional<Refusal> refused(Entry entry) {
        return ShelfRoom.KERNEL.refusal(log, List.of(line(entry)));
    }

    private Line line(Entry entry) {
        long before = log.lastSequence();
        return new Line(UUID.randomUUID(), before + 1, START.plusSeconds(60 * before), "Ines K.", null, entry);
    }

    public ShelfPicture picture() {
        return ShelfPicture.of(log);
    }
}
