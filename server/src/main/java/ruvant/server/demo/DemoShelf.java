package ruvant.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import ruvant.core.log.NewLine;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.DonorBody;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.PartState;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.StatedFit;
import ruvant.core.shelf.Stock;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Drive;
import ruvant.core.trade.Family;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.HeadForm;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.album.PictureStore;
import ruvant.server.shelf.ShelfService;

/** What lies on the shelf of the demo shop: drawers, three donors, an order under way and a parcel to unpack. */
final class DemoShelf {
    private static final CameraKind TWIN_1 = new CameraKind("Pellworm", "Twin", "1st pattern");
    private static final CameraKind TWIN_2 = new CameraKind("Pellworm", "Twin", "2nd pattern");
    private static final CameraKind TWIN = new CameraKind("Pellworm", "Twin", "");
    private static final CameraKind OSTERBY = new CameraKind("Osterby", "M", "");
    private static final CameraKind SWEEP = new CameraKind("Brackwater", "Sweep", "2nd pattern");
    private static final CameraKind SIXTY = new CameraKind("Dunmoor", "Sixty", "early");

    private record Told(int daysAgo, String by, NewLine line) {}

    private final ShelfService shelf;
    private final PictureStore pictures;
    private final Instant now;
    private final List<Told> told = new ArrayList<>();

    DemoShelf(ShelfService shelf, PictureStore pictures, Instant now) {
        this.shelf = shelf;
        this.pictures = pictures;
        this.now = now;
    }

    void tell(DemoNeeding.Needing needing) {
        drawers();
        UUID second = donor(twinSecond(), 300);
        UUID first = donor(twinFirst(), 200);
        donor(sweep(), 90);
        used(second, "focus rack", 58, 140);
        used(second, "detent ball spring", 57, 120);
        used(second, "ground glass", 55, 110);
        say(105, new ShelfEntry.DonorPartSeen(second, "speed ring", PartState.BROKEN, "cracked like so many"));
        used(first, "speed ring", 52, 150);
        used(first, "lens hood mount", 49, 160);
        say(104, new ShelfEntry.DonorPartSeen(first, "retard train", PartState.MISSING, "was gone when it came"));
        orders(needing.third());
        say(
                2,
                new ShelfEntry.FitStated(
                        new StatedFit("", TWIN, TWIN, StatedFit.Strength.SOMETIMES, "the old hands at the counter")));
        told.sort(Comparator.comparingInt(Told::daysAgo).reversed());
        told.forEach(one -> shelf.append(one.by(), List.of(one.line()), now.minus(Duration.ofDays(one.daysAgo()))));
    }

    private void drawers() {
        put(1, ring(TWIN_2, Condition.CHECKED, "parts lot, spring", 900, DemoPictures.ring(0)));
        put(1, ring(TWIN_1, Condition.WORN, "taken out years ago", 0, DemoPictures.ring(1)));
        put(2, part("retard pinion", TWIN_2, Condition.USED, "drawer 3", "donor 290455", 200));
        put(3, part("focus knob", TWIN, Condition.CHECKED, "drawer 3", "", 0));
        put(1, part("taking lens ring", TWIN_1, Condition.CHECKED, "drawer 3", "", 1200));
        put(2, part("advance pawl", OSTERBY, Condition.NEW, "drawer 4", "Cobb & Daughters", 1350));
        put(1, part("governor", OSTERBY, Condition.USED, "drawer 4", "donor", 1500));
        put(4, part("strut pin", SIXTY, Condition.NEW, "drawer 5", "turned here", 150));
        put(1, part("bellows", SIXTY, Condition.CHECKED, "drawer 5", "", 1800));
        put(6, generic("seal foam", "1.5 mm, strips", "roll box", 60, 4));
        put(2, generic("seal foam", "2.0 mm, strips", "roll box", 70, 4));
        put(1, generic("light-trap yarn", "3 m", "roll box", 250, 1));
        put(3, generic("wire, thin, black", "0.25 mm², 2 m", "wire tin", 180, 1));
        put(17, generic("detent ball", "1.0 mm", "ball tin", 15, 10));
        put(5, generic("detent ball", "1.5 mm", "ball tin", 15, 10));
        put(34, screw(Drive.SLOTTED, HeadForm.CHEESE, 1.4, 3, "screw tin 1", 10));
        put(22, screw(Drive.SLOTTED, HeadForm.CHEESE, 1.4, 3.5, "screw tin 1", 10));
        put(8, screw(Drive.SLOTTED, HeadForm.CHEESE, 1.7, 4, "screw tin 1", 12));
        put(41, screw(Drive.CROSS, HeadForm.PAN, 1.7, 4, "screw tin 2", 10));
        put(19, screw(Drive.CROSS, HeadForm.PAN, 2.0, 5, "screw tin 2", 10));
        put(12, screw(Drive.SLOTTED, HeadForm.FLAT, 1.4, 2.5, "screw tin 3", 8));
        put(
                26,
                new Stock(
                        "",
                        CameraKind.ANY,
                        new Fastener(FastenerKind.E_RING, Drive.NONE, HeadForm.NOT_SAID, 1.2, null, 1, null),
                        "",
                        Condition.NEW,
                        "screw tin 3",
                        "",
                        18,
                        10,
                        ""));
    }

    private static Stock part(
            String name, CameraKind madeFor, Condition condition, String place, String origin, long costMinor) {
        return new Stock(name, madeFor, null, "", condition, place, origin, costMinor, 0, "");
    }

    private Stock ring(CameraKind madeFor, Condition condition, String origin, long costMinor, byte[] picture) {
        return new Stock(
                "speed ring", madeFor, null, "", condition, "drawer 3", origin, costMinor, 0, "", pictured(picture));
    }

    private static Stock generic(String name, String size, String place, long costMinor, int least) {
        return new Stock(
                name, CameraKind.ANY, null, size, Condition.NEW, place, "Cobb & Daughters", costMinor, least, "");
    }

    private static Stock screw(Drive drive, HeadForm head, double threadMm, double lengthMm, String place, int least) {
        return new Stock(
                "",
                CameraKind.ANY,
                new Fastener(FastenerKind.SCREW, drive, head, threadMm, lengthMm, 1, null),
                "",
                Condition.NEW,
                place,
                "sorted from donors",
                5,
                least,
                "");
    }

    private DonorBody twinSecond() {
        return new DonorBody(
                TWIN_2,
                Family.LEAF_LENS,
                "338201",
                "fungus in both lenses, body bent",
                "top board",
                "flea market",
                1500,
                9000,
                0.2,
                300,
                2500,
                25,
                List.of(
                        new BodyPart("front plate", 1500, 12),
                        new BodyPart("speed ring", 2200, 10),
                        new BodyPart("speed cam plate", 2000, 12),
                        new BodyPart("retard train", 3500, 18),
                        new BodyPart("retard pinion", 1500, 30),
                        new BodyPart("shutter blades", 2600, 25),
                        new BodyPart("focus rack", 2400, 20),
                        new BodyPart("detent ball spring", 300, 8),
                        new BodyPart("ground glass", 800, 10),
                        new BodyPart("focus knob", 700, 6),
                        new BodyPart("film door", 1600, 8)),
                pictured(DemoPictures.twinFront(List.of())));
    }

    private DonorBody twinFirst() {
        return new DonorBody(
                TWIN_1,
                Family.LEAF_LENS,
                "201188",
                "shutter taken apart by an earlier owner",
                "top board",
                "given",
                800,
                6000,
                0.1,
                360,
                3000,
                25,
                List.of(
                        new BodyPart("front plate", 1200, 12),
                        new BodyPart("speed ring", 2000, 10),
                        new BodyPart("retard train", 3200, 18),
                        new BodyPart("retard pinion", 1400, 30),
                        new BodyPart("lens hood mount", 900, 5),
                        new BodyPart("focus rack", 2200, 20),
                        new BodyPart("viewing lens", 1800, 8),
                        new BodyPart("film door", 1500, 8)),
                pictured(DemoPictures.twinApart()));
    }

    private static DonorBody sweep() {
        return new DonorBody(
                SWEEP,
                Family.SWING,
                "7741",
                "turret jams, else complete",
                "lower board",
                "estate of a teacher",
                6500,
                24000,
                0.55,
                240,
                1800,
                40,
                List.of(
                        new BodyPart("governor", 6000, 20),
                        new BodyPart("drive gear", 2300, 25),
                        new BodyPart("slit blade", 2000, 15),
                        new BodyPart("turret", 7000, 45),
                        new BodyPart("lens", 9000, 20),
                        new BodyPart("mainspring", 2600, 35)));
    }

    private String pictured(byte[] picture) {
        return pictures.keep(picture).name();
    }

    private void orders(TagNumber third) {
        order("demo order 1", 3, "W-401", "drive gear", new CameraKind("Brackwater", "Sweep", ""), 2300, 15, null);
        order(
                "demo order 2",
                2,
                "T-102",
                "retard pinion",
                TWIN_2,
                1450,
                6,
                new ForNeed(third, PartName.of("retard pinion")));
        order("demo order 3", 11, "M-303", "advance pawl", new CameraKind("Osterby", "M", "late"), 1350, 6, null);
    }

    private void order(
            String name,
            int daysAgo,
            String number,
            String what,
            CameraKind madeFor,
            long price,
            int days,
            ForNeed need) {
        say(
                UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                "Ines K.",
                daysAgo,
                new ShelfEntry.Ordered("Cobb & Daughters, fine parts", number, what, madeFor, 1, price, days, need));
    }

    private UUID put(int count, Stock stock) {
        return say(320, new ShelfEntry.StockAdded(stock, count));
    }

    private UUID donor(DonorBody body, int daysAgo) {
        return say(daysAgo, new ShelfEntry.DonorShelved(body));
    }

    private void used(UUID donor, String part, int tag, int daysAgo) {
        say(
                daysAgo,
                new ShelfEntry.Taken(new Thing(donor, part), new ForNeed(new TagNumber(tag), PartName.of(part)), 1));
    }

    private UUID say(int daysAgo, ShelfEntry entry) {
        return say(UUID.randomUUID(), "Teo B.", daysAgo, entry);
    }

    private UUID say(UUID id, String by, int daysAgo, ShelfEntry entry) {
        told.add(new Told(daysAgo, by, new NewLine(id, null, null, entry)));
        return id;
    }
}
