package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.units.Named;

/** All that concerns the adjusters of one camera: which there are, what each does, what to turn next. */
public final class Adjusting {
    /** As many as the advisor can hold apart. */
    private static final int MOST_CHOSEN = 4;

    /** What the log says, and behind it what it says with the results of the book. */
    private final AdjustPicture said;

    private final AdjustPicture picture;
    private final IntakeEntry.Received received;
    private final HousePractice practice;
    private final AdjusterBook book;
    private final LearnedResponses learned;
    private final Readings readings;
    private final List<AdjustEntry.AdjusterDescribed> ofFamily;
    private final List<Offer> offers;

    /**
     * @param picture what was turned and measured
     * @param learned what other cameras taught
     */
    public Adjusting(
            AdjustPicture picture,
            IntakeEntry.Received received,
            HousePractice practice,
            AdjusterBook book,
            LearnedResponses learned) {
        this.said = picture;
        this.received = received;
        this.practice = practice;
        this.book = book;
        this.learned = learned;
        this.picture = withTheBook(picture);
        this.ofFamily = book.of(received, practice);
        this.readings = new Readings(
                this.picture,
                received,
                practice,
                this.picture.adjusters().stream().map(this::described).toList());
        this.offers = offered();
    }

    /** Where an adjuster is known from. */
    public enum KnownFrom {
        THIS_CAMERA,
        MODEL,
        FAMILY
    }

    /**
     * An adjuster that this camera has or may have.
     *
     * @param turns where it stands from first found
     * @param stands the same in words
     * @param off results it moves that are outside their tolerance as measured now
     * @param measured results it moves that are measured now
     * @param cameras of the model that taught how it answers
     * @param why what it is; empty where nobody said
     */
    public record Offer(
            AdjustEntry.AdjusterDescribed what,
            KnownFrom from,
            double turns,
            String stands,
            int timesTurned,
            List<Named> off,
            int measured,
            int cameras,
            String why) {}

    /** All adjusters, those of use now first: turned here, then those that move what is off. */
    public List<Offer> offers() {
        return offers;
    }

    private List<Offer> offered() {
        Map<String, Offer> all = new LinkedHashMap<>();
        picture.adjusters().forEach(known -> all.put(known.key(), offer(known)));
        learned.model()
                .forEach(met -> all.computeIfAbsent(
                        AdjustPicture.key(met.what().name()), key -> offer(orTheBook(met.what()), KnownFrom.MODEL)));
        ofFamily.forEach(
                what -> all.computeIfAbsent(AdjustPicture.key(what.name()), key -> offer(what, KnownFrom.FAMILY)));
        return all.values().stream()
                .sorted(Comparator.comparing((Offer one) -> one.timesTurned() == 0)
                        .thenComparing(one -> -one.off().size())
                        .thenComparing(Offer::from))
                .toList();
    }

    /** One that was turned before anybody said what it is is what the book says under its name. */
    private Offer offer(AdjustPicture.Known known) {
        return offer(described(known), KnownFrom.THIS_CAMERA, known.turns(), known.timesTurned());
    }

    private AdjustEntry.AdjusterDescribed described(AdjustPicture.Known known) {
        return known.described()
                ? known.what()
                : orTheBook(learned.described(known.what().name()).orElse(known.what()));
    }

    private AdjustEntry.AdjusterDescribed orTheBook(AdjustEntry.AdjusterDescribed what) {
        return what.moves().isEmpty()
                ? inTheBook(what.name())
                        .filter(one -> one.unit().isPlaces() == what.unit().isPlaces())
                        .orElse(what)
                : what;
    }

    private Optional<AdjustEntry.AdjusterDescribed> inTheBook(Named name) {
        return ofFamily.stream().filter(one -> one.name().equals(name)).findFirst();
    }

    private Offer offer(AdjustEntry.AdjusterDescribed what, KnownFrom from) {
        return offer(what, from, 0, 0);
    }

    private Offer offer(AdjustEntry.AdjusterDescribed what, KnownFrom from, double turns, int timesTurned) {
        List<Named> off = new ArrayList<>();
        int measured = 0;
        int cameras = 0;
        for (WantedResult result : FiguresCase.results(List.of(what), readings)) {
            Optional<Readings.Reading> now = readings.now(result);
            measured += now.isPresent() ? 1 : 0;
            if (now.isPresent() && result.off(now.get().error()) > 1) {
                off.add(result.name());
            }
        }
        for (AdjustEntry.Moves moves : what.moves()) {
            cameras = Math.max(
                    cameras,
                    learned.of(what.name(), moves.result())
                            .filter(LearnedResponses.Expected::ofModel)
                            .map(LearnedResponses.Expected::cameras)
                            .orElse(0));
        }
        String why = book.adjusters().stream()
                .filter(kind -> kind.isIn(received.camera())
                        && AdjustPicture.key(kind.name()).equals(AdjustPicture.key(what.name())))
                .map(AdjusterKind::why)
                .findFirst()
                .orElse("");
        return new Offer(what, from, turns, what.unit().signed(turns), timesTurned, off, measured, cameras, why);
    }

    /**
     * Entries to be made before an adjuster is first turned or tried here, so that the log says by itself what it is: its
     * description, and that of the results it moves.
     *
     * @return empty where all is said already
     */
    public List<AdjustEntry> introduction(Named adjuster) {
        List<AdjustEntry> entries = new ArrayList<>();
        Optional<AdjustPicture.Known> known = picture.adjuster(adjuster);
        Optional<AdjustEntry.AdjusterDescribed> what = offers.stream()
                .map(Offer::what)
                .filter(one -> one.name().equals(adjuster))
                .findFirst();
        if (known.filter(AdjustPicture.Known::described).isEmpty()) {
            what.ifPresent(entries::add);
        }
        what.ifPresent(one -> one.moves().forEach(moves -> {
            if (said.result(moves.result()).isEmpty()) {
                book.resultFor(moves.result(), received, practice).ifPresent(entries::add);
            }
        }));
        return entries;
    }

    /** Adjusters chosen where nobody chose: those turned since other work was done, else the one that moves most of what is off. */
    public List<Named> usualChoice() {
        List<Named> turned = offers.stream()
                .filter(one -> one.timesTurned() > 0)
                .map(one -> one.what().name())
                .limit(MOST_CHOSEN)
                .toList();
        return turned.isEmpty()
                ? offers.stream()
                        .filter(one -> !one.off().isEmpty())
                        .limit(1)
                        .map(one -> one.what().name())
                        .toList()
                : turned;
    }

    /** What to do next. Those that no adjuster goes by are left aside. */
    public AdjustPlan plan(List<Named> names) {
        List<AdjustEntry.AdjusterDescribed> chosen = new ArrayList<>();
        for (Named name : names.stream().distinct().limit(MOST_CHOSEN).toList()) {
            offers.stream()
                    .map(Offer::what)
                    .filter(one -> one.name().equals(name))
                    .findFirst()
                    .ifPresent(chosen::add);
        }
        if (chosen.isEmpty()) {
            return Plans.nothing();
        }
        List<JudgedSide> sides = new ArrayList<>();
        Map<String, double[]> accepted = new HashMap<>();
        List<AdjustEntry.AdjusterDescribed> free = new ArrayList<>();
        for (AdjustEntry.AdjusterDescribed one : chosen) {
            Optional<JudgedSide> side = JudgedSide.of(picture, one);
            side.ifPresent(sides::add);
            Optional<double[]> range = side.flatMap(JudgedSide::accepted);
            range.ifPresent(stretch -> accepted.put(AdjustPicture.key(one.name()), stretch));
            if (range.isEmpty() || range.get()[1] - range.get()[0] >= one.unit().size()) {
                free.add(one);
            }
        }
        Optional<AdjustCase> figures = FiguresCase.of(picture, free, readings, learned, accepted);
        return new Plans(picture, chosen, readings, sides, figures).plan();
    }

    /** Results that are not marked speeds: those that the adjusters of a plan move, and where one may move anything, all said. */
    public List<AdjustEntry.ResultDescribed> results(AdjustPlan plan) {
        boolean anything = plan.chosen().stream().anyMatch(one -> one.moves().isEmpty());
        return picture.results().stream()
                .filter(result -> isMoved(plan, result.name())
                        || anything && said.result(result.name()).isPresent())
                .toList();
    }

    private static boolean isMoved(AdjustPlan plan, Named result) {
        return plan.chosen().stream()
                .flatMap(one -> one.moves().stream())
                .anyMatch(moves -> moves.result().equals(result));
    }

    /** The picture with the results of the book, so that advice does not wait until somebody says what they are. */
    private AdjustPicture withTheBook(AdjustPicture bare) {
        List<AdjustEntry.ResultDescribed> results = new ArrayList<>(bare.results());
        for (AdjusterBook.Result result : book.results()) {
            if (bare.result(result.name()).isEmpty()) {
                book.resultFor(result.name(), received, practice).ifPresent(results::add);
            }
        }
        return new AdjustPicture(bare.adjusters(), List.copyOf(results), bare.settings());
    }

    /** Every setting that was tried and concerns a plan, the newest first. */
    public List<AdjustPlan.TriedSetting> history(AdjustPlan plan) {
        List<AdjustPlan.TriedSetting> history = new ArrayList<>();
        AdjustPicture.Setting before = null;
        for (int s = 0; s < picture.settings().size(); s++) {
            AdjustPicture.Setting setting = picture.settings().get(s);
            history.addFirst(new AdjustPlan.TriedSetting(
                    setting.at(),
                    setting.afterWork(),
                    turned(before, setting, plan),
                    seen(s, plan),
                    java.util.stream.Stream.concat(
                                    setting.turned().stream(),
                                    setting.shots().stream().map(AdjustPicture.Shot::line))
                            .distinct()
                            .toList()));
            before = setting;
        }
        return history;
    }

    private List<String> turned(AdjustPicture.Setting before, AdjustPicture.Setting setting, AdjustPlan plan) {
        List<String> turned = new ArrayList<>();
        for (AdjustPicture.Known known : picture.turned()) {
            double by = setting.of(known.what().name())
                    - (before == null ? 0 : before.of(known.what().name()));
            boolean chosen = plan.chosen().stream()
                    .anyMatch(one -> AdjustPicture.key(one.name()).equals(known.key()));
            if (Math.abs(by) > 1e-9 && (chosen || plan.chosen().isEmpty())) {
                turned.add(known.what().name() + " " + known.what().unit().signed(by));
            }
        }
        return turned;
    }

    private List<String> seen(int setting, AdjustPlan plan) {
        boolean anything = plan.chosen().stream().allMatch(one -> one.moves().isEmpty());
        List<String> seen = new ArrayList<>();
        for (WantedResult result : readings.measured()) {
            readings.at(setting, result)
                    .filter(reading -> anything || isMoved(plan, result.name()))
                    .ifPresent(reading -> seen.add(result.name() + " " + signed(reading.error()) + unit(result)));
        }
        for (AdjustPicture.Shot shot : picture.settings().get(setting).shots()) {
            if (shot instanceof AdjustPicture.Judged judged && (anything || isMoved(plan, judged.result()))) {
                picture.result(judged.result())
                        .ifPresent(result -> seen.add(result.name() + ": " + result.words(judged.came())));
            }
        }
        return seen;
    }

    private static String signed(double error) {
        return String.format(java.util.Locale.ROOT, "%+.2f", error).replace('-', '−');
    }

    private String unit(WantedResult result) {
        return picture.result(result.name()).map(one -> " " + one.unit()).orElse("");
    }

    /** What this camera teaches the next one of its model. */
    public static List<LearnedResponses.MetAdjuster> taughtBy(
            AdjustPicture picture, IntakeEntry.Received received, HousePractice practice) {
        return picture.turned().isEmpty()
                ? List.of()
                : FiguresCase.taughtBy(
                        picture,
                        new Readings(
                                picture,
                                received,
                                practice,
                                picture.adjusters().stream()
                                        .map(AdjustPicture.Known::what)
                                        .toList()));
    }
}
