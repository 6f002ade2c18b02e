package ruvant.core.logline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.adjust.Adjusting;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.job.JobEntry;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.Named;

/** Reads turns of adjusters, and what came of them. */
final class AdjustReader {
    private static final String IN = "cw|clockwise|in|inwards?|tighter|deeper|on|onwards?|forward";
    private static final String OUT =
            "ccw|anti-?clockwise|counter-?clockwise|out|outwards?|looser|shallower|back|backwards?";
    private static final String AMOUNT =
            "(?:\\d+ +)?\\d+ */ *\\d+|\\d+(?:\\.\\d+)?|half|quarter|eighth|one|two|three|four|a|an";
    private static final String UNIT =
            "turns?|deg(?:rees?)?|°|tooth|teeth|detents?|clicks?|notch(?:es)?|eighths?|quarters?|sixteenths?";
    private static final Pattern TURN = Pattern.compile("(?i)(?<name>.+?) +(?:by +)?(?:(?<first>" + IN + "|" + OUT
            + ") +(?:by +)?)?(?<amount>" + AMOUNT + ")(?: *(?:of +an? +|an? +)?(?<unit>" + UNIT
            + "))?(?: +of +a +turn)?"
            + "(?: +(?<last>" + IN + "|" + OUT + "))?");
    private static final Pattern FIGURE = Pattern.compile("(?i)([-+−]?\\d+(?:[.,]\\d+)?) *(\\S.*)?");

    private final JobPicture picture;
    private final Shop shop;
    private final Supplier<ModelKnowledge> earlier;

    AdjustReader(JobPicture picture, Shop shop, Supplier<ModelKnowledge> earlier) {
        this.picture = picture;
        this.shop = shop;
        this.earlier = earlier;
    }

    private Adjusting adjusting() {
        return new Adjusting(
                picture.adjust(),
                picture.received(),
                shop.practice(),
                shop.adjusters(),
                new LearnedResponses(earlier.get().adjusters(), List.of()));
    }

    /** "turn leading curtain 1/8 cw"; empty where it is no turn. */
    Optional<Reading> turn(String rest, String tail) {
        Matcher said = TURN.matcher(rest);
        if (!said.matches()) {
            return rest.isEmpty()
                    ? Optional.of(Replies.asking("What is turned?", names(adjusting())))
                    : Optional.empty();
        }
        Adjusting adjusting = adjusting();
        Named name = named(nearest(said.group("name"), names(adjusting)), adjusting);
        String way = said.group("last") != null ? said.group("last") : said.group("first");
        if (way == null) {
            return Optional.of(Replies.asking(
                    "Which way? In or clockwise (cw), or out or anticlockwise (ccw).", List.of(" in", " out")));
        }
        Optional<TurnUnit> own = adjusting.offers().stream()
                .map(Adjusting.Offer::what)
                .filter(what -> what.name().equals(name))
                .map(AdjustEntry.AdjusterDescribed::unit)
                .findFirst();
        Optional<Amount> amount = amount(said.group("amount"), said.group("unit"), own);
        if (amount.isEmpty()) {
            return Optional.of(
                    Replies.asking("How far? Write 1/8, 1/4, 30 deg, or 2 teeth.", List.of(" 1/8 " + way.strip())));
        }
        boolean out = way.toLowerCase(Locale.ROOT).matches(OUT);
        AdjustEntry.Turned turned = new AdjustEntry.Turned(
                name,
                amount.get().unit(),
                out ? -amount.get().turns() : amount.get().turns(),
                tail);
        List<JobEntry> entries = new ArrayList<>(adjusting.introduction(name));
        entries.add(turned);
        List<Chip> chips = new ArrayList<>(List.of(
                new Chip(Kind.ACTION, "Turned " + name),
                new Chip(Kind.DETAIL, turned.unit().signed(turned.by()))));
        if (own.isEmpty()) {
            chips.add(new Chip(Kind.NOTE, "new here: its effect is not known yet"));
        }
        if (!tail.isEmpty()) {
            chips.add(new Chip(Kind.NOTE, tail));
        }
        return Optional.of(new Reading(chips, List.copyOf(entries), Optional.empty(), List.of()));
    }

    private record Amount(TurnUnit unit, double turns) {}

    private static Optional<Amount> amount(String amount, String unit, Optional<TurnUnit> own) {
        String figure = amount.toLowerCase(Locale.ROOT).replaceAll(" */ *", "/");
        String kind = unit == null ? "" : unit.toLowerCase(Locale.ROOT);
        double value = value(figure);
        if (kind.startsWith("deg") || kind.equals("°")) {
            return Optional.of(new Amount(TurnUnit.DEGREES, value / 360));
        }
        if (kind.matches("tooth|teeth")) {
            return Optional.of(new Amount(TurnUnit.TEETH, value));
        }
        if (kind.matches("detents?|clicks?|notch(es)?")) {
            return Optional.of(new Amount(own.filter(TurnUnit::isPlaces).orElse(TurnUnit.DETENTS), value));
        }
        if (kind.matches("eighths?|quarters?|sixteenths?")) {
            TurnUnit part = kind.startsWith("e")
                    ? TurnUnit.EIGHTHS
                    : kind.startsWith("q") ? TurnUnit.QUARTERS : TurnUnit.SIXTEENTHS;
            return Optional.of(new Amount(fitting(value * part.size(), own, part), value * part.size()));
        }
        boolean places = own.filter(TurnUnit::isPlaces).isPresent();
        if (places && kind.isEmpty()) {
            return Optional.of(new Amount(own.get(), value));
        }
        // "1 in" may be a turn, or a step of it
        if (kind.isEmpty() && !figure.contains("/") && !figure.matches("half|quarter|eighth|0?\\.\\d+")) {
            return Optional.empty();
        }
        return Optional.of(new Amount(fitting(value, own, TurnUnit.EIGHTHS), value));
    }

    /** The adjuster's own unit where the turn is a whole number of it, else the coarsest that is. */
    private static TurnUnit fitting(double turns, Optional<TurnUnit> own, TurnUnit usual) {
        return Stream.concat(own.stream(), Stream.of(usual, TurnUnit.QUARTERS, TurnUnit.SIXTEENTHS, TurnUnit.DEGREES))
                .filter(one -> !one.isPlaces() && Math.abs(turns / one.size() - Math.rint(turns / one.size())) < 1e-6)
                .findFirst()
                .orElse(TurnUnit.DEGREES);
    }

    private static double value(String figure) {
        String[] mixed = figure.split(" +");
        if (mixed.length == 2) {
            return value(mixed[0]) + value(mixed[1]);
        }
        if (figure.contains("/")) {
            String[] halves = figure.split("/");
            return Double.parseDouble(halves[0]) / Math.max(1, Double.parseDouble(halves[1]));
        }
        return switch (figure) {
            case "half" -> 0.5;
            case "quarter" -> 0.25;
            case "eighth" -> 0.125;
            case "a", "an" -> 1;
            default -> Numbers.of(figure).map(Integer::doubleValue).orElseGet(() -> Double.parseDouble(figure));
        };
    }

    /** "result height 1.5" or "result film freed before the shutter: too late"; empty where no result is named. */
    Optional<Reading> result(String said) {
        List<AdjustEntry.ResultDescribed> known = Stream.concat(
                        picture.adjust().results().stream(),
                        shop.adjusters().results().stream()
                                .filter(one ->
                                        picture.adjust().result(one.name()).isEmpty())
                                .map(one -> one.described()))
                .toList();
        String text = said.toLowerCase(Locale.ROOT);
        Optional<AdjustEntry.ResultDescribed> result = known.stream()
                .filter(one -> text.startsWith(one.name().words().toLowerCase(Locale.ROOT)))
                .max(Comparator.comparingInt(one -> one.name().words().length()));
        if (result.isEmpty()) {
            return said.isEmpty()
                    ? Optional.of(Replies.asking(
                            "Which result?",
                            known.stream().map(one -> one.name().words()).toList()))
                    : Optional.empty();
        }
        String came = said.substring(result.get().name().words().length())
                .replaceFirst("^[:,]? *", "")
                .strip();
        return Optional.of(result.get().judged() ? judged(result.get(), came) : read(result.get(), came));
    }

    private Reading read(AdjustEntry.ResultDescribed result, String came) {
        Matcher figure = FIGURE.matcher(came);
        if (!figure.matches()) {
            return Replies.asking("How much, in " + result.unit() + "?", List.of());
        }
        double value = Double.parseDouble(figure.group(1).replace('−', '-').replace(',', '.'));
        return answered(
                result,
                result.name() + " " + figure.group(1) + " " + result.unit(),
                new AdjustEntry.ResultRead(result.name(), value, ""));
    }

    private Reading judged(AdjustEntry.ResultDescribed result, String came) {
        String words = came.toLowerCase(Locale.ROOT);
        Optional<AdjustEntry.Came> how = words.isEmpty()
                ? Optional.empty()
                : words.matches("(all )?(right|ok|good|in time|yes|free)\\b.*")
                        ? Optional.of(AdjustEntry.Came.RIGHT)
                        : within(words, result.tooLow())
                                ? Optional.of(AdjustEntry.Came.TOO_LOW)
                                : within(words, result.tooHigh())
                                        ? Optional.of(AdjustEntry.Came.TOO_HIGH)
                                        : Optional.empty();
        return how.map(one -> answered(
                        result,
                        result.name() + ": " + result.words(one),
                        new AdjustEntry.ResultJudged(result.name(), one, "")))
                .orElseGet(() -> Replies.asking("How did it turn out?", result.sides()));
    }

    private static boolean within(String words, String side) {
        return !side.isEmpty()
                && (side.toLowerCase(Locale.ROOT).contains(words) || words.contains(side.toLowerCase(Locale.ROOT)));
    }

    private Reading answered(AdjustEntry.ResultDescribed result, String chip, JobEntry entry) {
        List<JobEntry> entries = new ArrayList<>();
        if (picture.adjust().result(result.name()).isEmpty()) {
            entries.add(result);
        }
        entries.add(entry);
        return new Reading(List.of(new Chip(Kind.ACTION, chip)), List.copyOf(entries), Optional.empty(), List.of());
    }

    private static List<String> names(Adjusting adjusting) {
        return adjusting.offers().stream().map(one -> one.what().name().words()).toList();
    }

    private static Named named(String name, Adjusting adjusting) {
        return adjusting.offers().stream()
                .map(one -> one.what().name())
                .filter(one -> one.words().equals(name))
                .findFirst()
                .orElseGet(() -> Named.of(name));
    }

    /** The known name that is meant, where only one can be; else as it was written. */
    private static String nearest(String written, List<String> names) {
        String key = AdjustPicture.key(written);
        Optional<String> same = names.stream()
                .filter(name -> AdjustPicture.key(name).equals(key))
                .findFirst();
        List<String> part = names.stream()
                .filter(name -> AdjustPicture.key(name).contains(key))
                .toList();
        return same.orElse(part.size() == 1 ? part.getFirst() : written);
    }
}
