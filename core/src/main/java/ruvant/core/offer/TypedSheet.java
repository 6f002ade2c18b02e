package ruvant.core.offer;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;
import ruvant.core.trade.Stop;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Money;

/**
 * A sheet of options as it is typed: figures as people write them.
 *
 * @param asIs what the camera fetches as it is; empty where nobody said
 * @param lost what it fetches for parts, where it is lost; empty where nobody said
 */
public record TypedSheet(String fork, String asIs, String lost, List<TypedOption> options) {
    /** One option; its worth is empty where nobody said. */
    public record TypedOption(
            String id, OptionKind kind, String name, List<TypedStep> steps, List<TypedPart> parts, String worth) {
        public TypedOption {
            steps = steps == null ? List.of() : List.copyOf(steps);
            parts = parts == null ? List.of() : List.copyOf(parts);
        }
    }

    /** @param seen as for {@link StepMinutes}; left out once somebody types other minutes */
    public record TypedStep(
            Stop stop,
            String words,
            String about,
            String low,
            String likely,
            String high,
            @MayBeNull Integer seen,
            String chance,
            IfNot ifNot) {}

    /** One part, or one fixed price. */
    public record TypedPart(String words, String count, String price, String chance, String days) {}

    public TypedSheet {
        options = options == null ? List.of() : List.copyOf(options);
    }

    /**
     * What was typed, read.
     *
     * @throws FieldProblem naming the field, such as {@code options.1.steps.0.low}, counted from 0
     */
    public OfferEntry.OptionsDrawn read(CurrencyHere money) {
        List<RepairOption> read = IntStream.range(0, options.size())
                .mapToObj(at -> option(options.get(at), "options." + at + ".", money))
                .toList();
        return new OfferEntry.OptionsDrawn(
                read, fork, amount("asIs", asIs, money), amount("lost", lost, money), money.currency());
    }

    private static RepairOption option(TypedOption typed, String field, CurrencyHere money) {
        return new RepairOption(
                typed.id(),
                typed.kind(),
                named(typed.name(), field + "name", "The option has no name.", "Enter one that the owner understands."),
                IntStream.range(0, typed.steps().size())
                        .mapToObj(at -> step(typed.steps().get(at), field + "steps." + at + "."))
                        .toList(),
                IntStream.range(0, typed.parts().size())
                        .mapToObj(at -> part(typed.parts().get(at), field + "parts." + at + ".", money))
                        .toList(),
                amount(field + "worth", typed.worth(), money));
    }

    private static OptionStep step(TypedStep typed, String field) {
        int low = whole(field + "low", typed.low(), 0, 6_000, "minutes");
        int likely = whole(field + "likely", typed.likely(), 0, 6_000, "minutes");
        int high = whole(field + "high", typed.high(), 0, 6_000, "minutes");
        StepMinutes minutes;
        try {
            minutes = new StepMinutes(low, likely, high, typed.seen());
        } catch (FieldProblem problem) {
            throw new FieldProblem(field + problem.field(), problem.getMessage(), problem.remedy());
        }
        return new OptionStep(
                typed.stop(),
                named(typed.words(), field + "words", "A step does not say what is done.", "Enter what is done."),
                typed.about(),
                minutes,
                whole(field + "chance", typed.chance(), 1, 100, "%"),
                typed.ifNot());
    }

    private static OptionPart part(TypedPart typed, String field, CurrencyHere money) {
        Long price = amount(field + "price", typed.price(), money);
        return new OptionPart(
                named(typed.words(), field + "words", "A part has no name.", "Enter what it is."),
                whole(field + "count", typed.count(), 1, 999, "pieces"),
                price == null ? 0 : price,
                whole(field + "chance", typed.chance(), 1, 100, "%"),
                whole(field + "days", typed.days(), 0, 730, "days"));
    }

    private static String named(String typed, String field, String message, String remedy) {
        if (typed == null || typed.isBlank()) {
            throw new FieldProblem(field, message, remedy);
        }
        return typed;
    }

    private static int whole(String field, String typed, int least, int most, String unit) {
        String figures = typed == null ? "" : typed.replace("%", "").strip();
        if (figures.matches("\\d{1,6}")) {
            int value = Integer.parseInt(figures);
            if (value >= least && value <= most) {
                return value;
            }
        }
        throw new FieldProblem(
                field,
                "“" + figures + "” is not a whole number from " + least + " to " + most + " " + unit + ".",
                "Enter a whole number.");
    }

    private static Long amount(String field, String typed, CurrencyHere money) {
        return typed == null || typed.isBlank()
                ? null
                : Money.parse(field, typed, money.currency()).minor();
    }

    /** A sheet as it would have been typed, to be changed by hand. */
    public static TypedSheet of(OfferEntry.OptionsDrawn sheet, CurrencyHere money) {
        return new TypedSheet(
                sheet.fork(),
                figure(sheet.asIsMinor(), money),
                figure(sheet.partsMinor(), money),
                sheet.options().stream().map(one -> typed(one, money)).toList());
    }

    private static TypedOption typed(RepairOption option, CurrencyHere money) {
        return new TypedOption(
                option.id(),
                option.kind(),
                option.name(),
                option.steps().stream().map(TypedSheet::typed).toList(),
                option.parts().stream()
                        .map(part -> new TypedPart(
                                part.words(),
                                Integer.toString(part.count()),
                                part.unitMinor() == 0 ? "" : figure(part.unitMinor(), money),
                                Integer.toString(part.chance()),
                                Integer.toString(part.days())))
                        .toList(),
                figure(option.worthMinor(), money));
    }

    private static TypedStep typed(OptionStep step) {
        StepMinutes minutes = step.minutes();
        return new TypedStep(
                step.stop(),
                step.words(),
                step.about(),
                Integer.toString(minutes.low()),
                Integer.toString(minutes.likely()),
                Integer.toString(minutes.high()),
                minutes.seen(),
                Integer.toString(step.chance()),
                step.ifNot());
    }

    private static String figure(Long minor, CurrencyHere money) {
        return minor == null ? "" : BigDecimal.valueOf(minor, money.digits()).toPlainString();
    }
}
