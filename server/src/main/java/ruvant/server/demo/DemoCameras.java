package ruvant.server.demo;

import java.util.List;
import java.util.Map;
import java.util.Random;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.Money;

/** Invented makers, cameras and owners. */
final class DemoCameras {
    static final List<String> FULL_DIAL =
            List.of("1", "1/2", "1/4", "1/8", "1/15", "1/30", "1/60", "1/125", "1/250", "1/500");

    /**
     * A model of the demo.
     *
     * @param parts what comes off on the usual way in, outermost first, as log lines without "off"
     * @param faults what usually is wrong, with the suspect's name and what clears it up
     */
    record Model(
            String maker,
            String model,
            List<String> patterns,
            BodyType body,
            Family family,
            SpeedSeries series,
            List<String> speeds,
            List<String> parts,
            List<Fault> faults) {}

    /** A fault: complaint, cause, evidence, the treatment as log lines, and its mark on slow speeds in stops. */
    record Fault(String complaint, String cause, String evidence, List<String> treatment, double slowErrorEv) {}

    static final Model TWIN = new Model(
            "Pellworm",
            "Twin",
            List.of("1st pattern", "2nd pattern", "3rd pattern"),
            BodyType.TLR,
            Family.LEAF_LENS,
            SpeedSeries.DOUBLING,
            FULL_DIAL,
            List.of(
                    "lower leather panel, front, glue, covers",
                    "focus knob, right, 1 slot 2.0x4, mark infinity at 12 o'clock",
                    "front plate, front, 4 slot 1.7x4, mark notch at red line",
                    "speed ring, front, set at 1/125, 1 detent ball",
                    "speed cam plate, front, 2 slot 1.4x2.5",
                    "retard train, front, 2 slot 1.4x3, mark slot at dot cocked, beware spring"),
            List.of(
                    new Fault(
                            "Slow speeds drag and the focus is stiff.",
                            "gummed retard train",
                            "runs free when wetted with naphtha, drags again when dry",
                            List.of(
                                    "clean retard train naphtha",
                                    "oil retard train pivots thin oil",
                                    "oil speed cam moly, smoother than grease here"),
                            0.62),
                    new Fault(
                            "Stays open now and then.",
                            "oil on the blades",
                            "blades show a rainbow film, late only after rest",
                            List.of("clean shutter blades naphtha", "clean driving ring naphtha"),
                            0.25)));

    static final Model SIXTY = new Model(
            "Dunmoor",
            "Sixty",
            List.of("early", "late"),
            BodyType.FOLDING,
            Family.LEAF_UNIT,
            SpeedSeries.AS_MARKED,
            List.of("1", "1/2", "1/5", "1/10", "1/25", "1/50", "1/100", "1/250"),
            List.of(
                    "front lens cell, lens front, mark three threads from the end",
                    "speed ring, lens front, 1 clip, set at 1/50",
                    "shutter faceplate, lens front, 3 slot 1.2x2.2",
                    "slow train, lens front, 2 slot 1.2x3, beware spring"),
            List.of(
                    new Fault(
                            "All pictures are too bright below 1/25.",
                            "gummed slow train",
                            "slow speeds even after a flush",
                            List.of(
                                    "clean slow train isopropyl",
                                    "oil slow train pivots thin oil, escapement was bone dry"),
                            0.8),
                    new Fault(
                            "Bellows leak light at the corners.",
                            "cracked bellows corners",
                            "a lamp inside shows four pinholes",
                            List.of("mend bellows, corners sealed with flexible black paint in two coats"),
                            0.05)));

    static final Model OSTERBY = new Model(
            "Osterby",
            "M",
            List.of("1st pattern", "2nd pattern"),
            BodyType.SLR,
            Family.FOCAL_METAL,
            SpeedSeries.DOUBLING,
            List.of("1", "1/2", "1/4", "1/8", "1/15", "1/30", "1/60", "1/125", "1/250", "1/500", "1/1000"),
            List.of(
                    "bottom plate, 3 cross 1.7x3",
                    "advance lever, top, 1 pinface 6x2, beware left-hand thread",
                    "speed dial, top, 3 set screws 1.2x1.5 loosened, set at 1/125",
                    "top cover, 2 cross 1.7x3 + 1 cross 1.7x4 hidden",
                    "mirror box, front, 4 cross 2.0x5, solder red wire meter switch to cell"),
            List.of(
                    new Fault(
                            "Uneven at the fastest speed.",
                            "low leading-curtain tension",
                            "only 1/1000 uneven, slow speeds even",
                            List.of("clean roller pivots naphtha", "mend leading curtain, tension raised by two teeth"),
                            -0.1),
                    new Fault(
                            "Mirror hangs up.",
                            "perished mirror bumper",
                            "foam had turned to tar on the mirror's edge",
                            List.of(
                                    "clean mirror box naphtha, scraped first",
                                    "mend mirror bumper, new foam 2 mm cut to shape"),
                            0.1)));

    static final Model SWEEP = new Model(
            "Brackwater",
            "Sweep",
            List.of("", "2nd pattern"),
            BodyType.RIGID,
            Family.SWING,
            SpeedSeries.AS_MARKED,
            List.of("1/10", "1/50", "1/200"),
            List.of(
                    "top plate, top, 4 slot 1.7x3",
                    "governor cover, top, 2 slot 1.4x2.5",
                    "governor, top, 2 slot 1.4x4, mark arm at pin released, beware spring"),
            List.of(new Fault(
                    "Bands across the picture.",
                    "dry governor",
                    "turns by jerks, even under a finger",
                    List.of("clean governor naphtha", "oil governor pivots thin oil, only a speck"),
                    0.35)));

    static final Model STEREO = new Model(
            "Lumsden",
            "Stereo",
            List.of("", "late"),
            BodyType.RIGID,
            Family.LEAF_LENS,
            SpeedSeries.AS_MARKED,
            List.of("1/10", "1/25", "1/50", "1/100", "1/200"),
            List.of(
                    "front panel, front, 6 slot 1.4x3",
                    "coupling rod, front, 2 e-rings, mark rod over left post cocked",
                    "left shutter plate, front, 3 slot 1.2x2.5",
                    "left slow train, front, 2 slot 1.2x3"),
            List.of(new Fault(
                    "Left and right picture differ in brightness.",
                    "left shutter runs late",
                    "left 0.6 stop slower than right at every speed",
                    List.of("clean left slow train naphtha", "oil left slow train pivots thin oil, as the right one"),
                    0.6)));

    static final Model VEST = new Model(
            "Tarn",
            "Vest",
            List.of("", "nickel"),
            BodyType.SUBMINIATURE,
            Family.ROTARY,
            SpeedSeries.AS_MARKED,
            List.of("1/25", "1/50"),
            List.of(
                    "front cap, front, 2 slot 1.0x1.8",
                    "rotary blade, front, 1 clip, mark hole at stop released, beware spring"),
            List.of(new Fault(
                    "Does not fire.",
                    "unhooked blade spring",
                    "spring lay beside its post",
                    List.of("mend blade spring, hooked again and its end turned in"),
                    0.15)));

    static final Model QUILLON = new Model(
            "Quillon",
            "35",
            List.of("1st pattern", "2nd pattern"),
            BodyType.RIGID,
            Family.FOCAL_CLOTH,
            SpeedSeries.DOUBLING,
            List.of("1", "1/2", "1/4", "1/8", "1/15", "1/30", "1/60", "1/125", "1/250", "1/500", "1/1000"),
            List.of(
                    "top cover, 4 slot 1.7x2.5 + 1 slot 1.7x4",
                    "rangefinder housing, top, 2 slot 1.4x3, mark scribe line at frame",
                    "bottom plate, 3 slot 1.7x3",
                    "slow escapement, bottom, 2 slot 1.4x5"),
            List.of(
                    new Fault(
                            "Sticks at the slow speeds.",
                            "gummed slow escapement",
                            "buzzes and stops half-way, worse in the cold",
                            List.of("clean slow escapement naphtha", "oil escapement pivots thin oil, one speck each"),
                            0.7),
                    new Fault(
                            "Rangefinder does not close at infinity.",
                            "rangefinder side screw wandered",
                            "double image a finger's width at the lighthouse",
                            List.of("mend rangefinder, side screw set at the lighthouse and sealed"),
                            0.05)));

    static final List<Model> ALL = List.of(TWIN, SIXTY, OSTERBY, SWEEP, STEREO, VEST, QUILLON);

    static final List<String> OWNERS = List.of(
            "Amara Okonjo",
            "Ильза Ведерникова",
            "Joaquín Belmonte",
            "Mei-Lin Tsao",
            "نور الحسيني",
            "Sølve Aakre",
            "Priya Raghunathan",
            "Tadeusz Wróbel",
            "Keanu Malohi",
            "Éloïse Garnaud",
            "Bogdan Iliescu",
            "Ngozi Umeh",
            "Hana Kobayakawa",
            "Ruairí Ó Dálaigh",
            "Zeynep Altınok",
            "Lars-Petter Ness",
            "Chidi Nwosu",
            "Marisol Quintanar",
            "Anselm Vogelsang",
            "Thandiwe Mabuza",
            "דנה אלמוג",
            "Giulia Marchetto",
            "Vikram Sehgal",
            "Ingrid Thorsdottir",
            "Oksana Petrenko");

    /** How many cameras were made of a pattern before the next one came. */
    private static final int NUMBERS_EACH = 240_000;

    /** What the eye can see of the first, second and third pattern of any model here. */
    private static final List<String> FEATURES =
            List.of("distance scale engraved", "distance scale printed", "black distance scale");

    /** How some went in otherwise: model, and what came off, outermost first. */
    static final Map<String, List<String>> OTHER_WAYS = Map.of(
            "Sixty",
            List.of(
                    "shutter unit, lens front, 1 ring nut 30x2, covers",
                    "shutter faceplate, lens front, 3 slot 1.2x2.2, covers",
                    "slow train, lens front, 2 slot 1.2x3, beware spring"),
            "Twin",
            // through slits in the leather, which stays on
            TWIN.parts().subList(1, TWIN.parts().size()));

    /** What somebody looked at of their own accord, and what went wrong, in a model. */
    static final Map<String, List<String>> LEARNED = Map.of(
            "35",
            List.of(
                    "check top cover, release rod sits in its fork",
                    "slip long screw of the top cover in a short hole, stood proud inside, swapped"),
            "Sixty",
            List.of("check shutter faceplate, cable release lever free of the housing"),
            "Stereo",
            List.of("slip front panel laid on with the coupling rod out, jammed at once, taken off again"));

    /** What is better left alone in a model. */
    static final Map<String, String> LEFT_ALONE = Map.of(
            "Twin", "leave alone the two screws beside the focus cam, they set the taking lens against the finder",
            "M", "leave alone the eccentric under the advance lever, the counter hangs on it",
            "35", "leave alone the brass screw in the middle of the rangefinder, it is the axle");

    private DemoCameras() {}

    static IntakeEntry.Received received(
            Model model, String owner, Fault fault, Random random, java.time.LocalDate promised) {
        int variant = random.nextInt(model.patterns().size());
        String pattern = model.patterns().get(variant);
        boolean own = random.nextInt(8) == 0;
        return new IntakeEntry.Received(
                new Camera(
                        model.maker(),
                        model.model(),
                        pattern,
                        "%d".formatted(100_000 + NUMBERS_EACH * variant + random.nextInt(NUMBERS_EACH)),
                        model.body(),
                        model.family()),
                own
                        ? new Owner(
                                "",
                                "",
                                true,
                                new Money(1000L + random.nextInt(60) * 100, "EUR"),
                                new Money(9000L + random.nextInt(90) * 100, "EUR"))
                        : new Owner(owner, "by telephone, after six", false, null, null),
                "",
                random.nextBoolean() ? List.of("leather case", "strap") : List.of(),
                fault.complaint(),
                model.series(),
                model.speeds(),
                promised,
                random.nextInt(3) == 0 ? List.of() : List.of(FEATURES.get(variant)));
    }
}
