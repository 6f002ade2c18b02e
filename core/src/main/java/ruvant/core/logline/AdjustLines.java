package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.adjust.Adjusting;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.job.JobEntry;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;

/** What lines about turns, and what came of them, put into the record. */
final class AdjustLines {
    private final JobPicture picture;
    private final Shop shop;
    private final Supplier<ModelKnowledge> earlier;

    AdjustLines(JobPicture picture, Shop shop, Supplier<ModelKnowledge> earlier) {
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

    /** Names of what can be turned on this camera. */
    List<String> names() {
        return picture.intake().received().isEmpty()
                ? List.of()
                : adjusting().offers().stream()
                        .map(one -> one.what().name().words())
                        .toList();
    }

    /** Names of results that can be read or judged on this camera. */
    List<String> results() {
        return known().map(one -> one.name().words()).toList();
    }

    /** How results can be judged on this camera, in words. */
    List<String> judgements() {
        return Stream.concat(
                        known().flatMap(one -> Stream.of(one.tooLow(), one.tooHigh()))
                                .filter(one -> !one.isEmpty())
                                .flatMap(one -> Stream.of(one, one.substring(one.lastIndexOf(' ') + 1))),
                        Stream.of("right", "all right", "ok", "good", "in time", "free"))
                .distinct()
                .toList();
    }

    private Stream<AdjustEntry.ResultDescribed> known() {
        return Stream.concat(
                picture.adjust().results().stream(),
                shop.adjusters().results().stream()
                        .filter(one -> picture.adjust().result(one.name()).isEmpty())
                        .map(one -> one.described()));
    }

    List<JobEntry> adjusted(Fields said) {
        Adjusting adjusting = adjusting();
        Named name = named(said.needed("adjuster", "It is not said what was turned.", "Name the adjuster."), adjusting);
        String way = said.text("direction");
        Optional<Double> amount = said.number("amount");
        Optional<TurnUnit> own = adjusting.offers().stream()
                .map(Adjusting.Offer::what)
                .filter(what -> what.name().equals(name))
                .map(AdjustEntry.AdjusterDescribed::unit)
                .findFirst();
        Optional<Boolean> outward = outward(way);
        if (amount.isPresent() && way.isEmpty() && !said.text("unit").matches("mm|washer")) {
            throw new FieldProblem(
                    "direction", "It is not said which way.", "Say in or clockwise, or out or anticlockwise.");
        }
        if (amount.isPresent()
                && said.text("unit").isEmpty()
                && amount.get() == Math.rint(amount.get())
                && own.filter(TurnUnit::isPlaces).isEmpty()) {
            throw new FieldProblem("unit", "It is not said how far that is.", "Say 1/8, 1/4, 30 degrees or 2 teeth.");
        }
        Optional<Turn> turn =
                amount.filter(any -> outward.isPresent()).flatMap(value -> turn(value, said.text("unit"), own));
        if (turn.isEmpty()) {
            String words = Stream.of(
                            way,
                            amount.map(AdjustLines::plain).orElse(""),
                            amount.isPresent() ? said.text("unit") : said.text("how"))
                    .filter(one -> !one.isEmpty())
                    .reduce((one, other) -> one + " " + other)
                    .orElse("by feel");
            return List.of(new AdjustEntry.Nudged(name, words));
        }
        List<JobEntry> entries = new ArrayList<>(adjusting.introduction(name));
        entries.add(new AdjustEntry.Turned(
                name,
                turn.get().unit(),
                outward.get() ? -turn.get().turns() : turn.get().turns(),
                said.remark()));
        return List.copyOf(entries);
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private static Optional<Boolean> outward(String way) {
        return switch (way) {
            case "cw", "in", "on" -> Optional.of(false);
            case "ccw", "out" -> Optional.of(true);
            default -> Optional.empty();
        };
    }

    private record Turn(TurnUnit unit, double turns) {}

    /** A turn in the unit of the adjuster; empty where the words do not say a turn of it. */
    private static Optional<Turn> turn(double value, String unit, Optional<TurnUnit> own) {
        boolean places = own.filter(TurnUnit::isPlaces).isPresent();
        return switch (unit) {
            case "tooth" -> Optional.of(new Turn(TurnUnit.TEETH, value));
            case "step" -> Optional.of(new Turn(own.filter(TurnUnit::isPlaces).orElse(TurnUnit.DETENTS), value));
            case "degree" -> Optional.of(new Turn(TurnUnit.DEGREES, value / 360));
            case "turn" -> Optional.of(new Turn(fitting(value, own), value));
            case "" ->
                places
                        ? Optional.of(new Turn(own.get(), value))
                        // "1 in" may be a turn, or a step of it
                        : value == Math.rint(value)
                                ? Optional.empty()
                                : Optional.of(new Turn(fitting(value, own), value));
            default -> Optional.empty();
        };
    }

    /** The adjuster's own unit where the turn is a whole number of it, else the coarsest that is. */
    private static TurnUnit fitting(double turns, Optional<TurnUnit> own) {
        return Stream.concat(
                        own.stream(),
                        Stream.of(TurnUnit.EIGHTHS, TurnUnit.QUARTERS, TurnUnit.SIXTEENTHS, TurnUnit.DEGREES))
                .filter(one -> !one.isPlaces() && Math.abs(turns / one.size() - Math.rint(turns / one.size())) < 1e-6)
                .findFirst()
                .orElse(TurnUnit.DEGREES);
    }

    /** The known adjuster that is meant, where only one can be; else as it was said. */
    private static Named named(String said, Adjusting adjusting) {
        List<Named> names =
                adjusting.offers().stream().map(one -> one.what().name()).toList();
        String key = AdjustPicture.key(Named.of(said));
        Optional<Named> same = names.stream()
                .filter(name -> AdjustPicture.key(name).equals(key))
                .findFirst();
        List<Named> part = names.stream()
                .filter(name -> name.words().toLowerCase(Locale.ROOT).contains(said.toLowerCase(Locale.ROOT)))
                .toList();
        return same.orElseGet(() -> part.size() == 1 ? part.getFirst() : Named.of(said));
    }

    /** A figure or judgement of a result that is followed here; else kept as it was said. */
    List<JobEntry> result(Fields said) {
        String what = said.text("what");
        Optional<AdjustEntry.ResultDescribed> known =
                known().filter(one -> one.name().words().equalsIgnoreCase(what)).findFirst();
        Optional<Double> value = said.number("value").map(figure -> said.has("sign") ? -figure : figure);
        String verdict = said.text("verdict");
        if (known.isPresent()) {
            AdjustEntry.ResultDescribed result = known.get();
            List<JobEntry> entries = new ArrayList<>();
            if (picture.adjust().result(result.name()).isEmpty()) {
                entries.add(result);
            }
            boolean sameUnit = said.text("unit").isEmpty()
                    || said.text("unit")
                            .replace(' ', '-')
                            .equalsIgnoreCase(result.unit().replace(' ', '-'));
            if (!result.judged() && value.isPresent() && sameUnit) {
                entries.add(new AdjustEntry.ResultRead(result.name(), value.get(), said.remark()));
                return List.copyOf(entries);
            }
            Optional<AdjustEntry.Came> came = result.judged() ? came(result, verdict) : Optional.empty();
            if (came.isPresent()) {
                entries.add(new AdjustEntry.ResultJudged(result.name(), came.get(), said.remark()));
                return List.copyOf(entries);
            }
        }
        return List.of(new AdjustEntry.ResultSaid(what, verdict, value.orElse(null), said.text("unit")));
    }

    private static Optional<AdjustEntry.Came> came(AdjustEntry.ResultDescribed result, String verdict) {
        String words = verdict.toLowerCase(Locale.ROOT);
        if (words.matches("(all )?(right|ok|good|in time|yes|free)\\b.*")) {
            return Optional.of(AdjustEntry.Came.RIGHT);
        }
        if (within(words, result.tooLow())) {
            return Optional.of(AdjustEntry.Came.TOO_LOW);
        }
        return within(words, result.tooHigh()) ? Optional.of(AdjustEntry.Came.TOO_HIGH) : Optional.empty();
    }

    private static boolean within(String words, String side) {
        return !side.isEmpty()
                && !words.isEmpty()
                && (words.contains(side.toLowerCase(Locale.ROOT))
                        || side.toLowerCase(Locale.ROOT).endsWith(" " + words));
    }
}
