package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.measure.DialSpeed;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.Family;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;

/**
 * Adjusters that each family has, before any camera of a shop taught more: what each moves, how it is held, and what to
 * mind.
 *
 * @param version of the format
 */
public record AdjusterBook(int version, List<Result> results, List<AdjusterKind> adjusters) {
    /** A result that is not a marked speed; components as in {@link AdjustEntry.ResultDescribed}. */
    public record Result(
            Named name,
            String unit,
            double wanted,
            double tolerance,
            double measureSd,
            String tooLow,
            String tooHigh,
            boolean moreIsFine,
            String why)
            implements Identified, Labelled {
        public Result {
            AdjustEntry.ResultDescribed checked = new AdjustEntry.ResultDescribed(
                    name,
                    unit,
                    wanted,
                    tolerance,
                    measureSd,
                    tooLow,
                    tooHigh,
                    Optional.of(moreIsFine).filter(fine -> fine));
            name = checked.name();
            unit = checked.unit();
            tooLow = checked.tooLow();
            tooHigh = checked.tooHigh();
            why = Check.optionalRemark("why", why);
        }

        /** That of its name, which entries of jobs refer to. */
        @Override
        public String id() {
            return name.id();
        }

        @Override
        public String label() {
            return name.words();
        }

        /** As it is entered on a job. */
        public AdjustEntry.ResultDescribed described() {
            return new AdjustEntry.ResultDescribed(
                    name,
                    unit,
                    wanted,
                    tolerance,
                    measureSd,
                    tooLow,
                    tooHigh,
                    Optional.of(moreIsFine).filter(fine -> fine));
        }
    }

    /** One in which nothing stands. */
    public static final AdjusterBook EMPTY = new AdjusterBook(1, List.of(), List.of());

    /** Adjusters that a camera may have, each with the speeds of its own dial. */
    public List<AdjustEntry.AdjusterDescribed> of(IntakeEntry.Received received, HousePractice practice) {
        Optional<ModelSheet> sheet = practice.speeds().sheetOf(received.camera());
        List<DialSpeed> dial = received.speeds().stream()
                .map(speed -> DialSpeed.of(speed, received, sheet))
                .toList();
        return adjusters.stream()
                .filter(kind -> kind.isIn(received.camera()))
                .map(kind -> kind.described(dial))
                .toList();
    }

    /** A result by its name. */
    public Optional<Result> result(Named name) {
        return results.stream()
                .filter(one -> AdjustPicture.key(one.name()).equals(AdjustPicture.key(name)))
                .findFirst();
    }

    /** A result as it is entered on a job of a camera: its curtains' travel as the maker wants it. */
    public Optional<AdjustEntry.ResultDescribed> resultFor(
            Named name, IntakeEntry.Received received, HousePractice practice) {
        Optional<ModelSheet> sheet = practice.speeds().sheetOf(received.camera());
        return result(name).map(one -> {
            Optional<Double> maker = switch (AdjustPicture.key(name)) {
                case "leading-curtain-travel" -> sheet.flatMap(ModelSheet::leadingTravelMs);
                case "trailing-curtain-travel" -> sheet.flatMap(ModelSheet::trailingTravelMs);
                default -> Optional.empty();
            };
            return maker.map(ms -> new AdjustEntry.ResultDescribed(
                            one.name(), one.unit(), ms, one.tolerance(), one.measureSd(), "", ""))
                    .orElse(one.described());
        });
    }

    /** What is wrong with it, in words; empty where it can be used. */
    public List<String> problems() {
        List<String> problems = new ArrayList<>();
        Set<String> known = new HashSet<>();
        for (Result result : results) {
            if (!known.add(AdjustPicture.key(result.name()))) {
                problems.add("There are two results called “" + result.name() + "”.");
            }
            if (result.why().isBlank() || !(result.tolerance() > 0)) {
                problems.add("“" + result.name() + "” has no reason or no tolerance.");
            }
        }
        for (Family family : Family.values()) {
            Set<String> names = new HashSet<>();
            adjusters.stream()
                    .filter(kind -> kind.isOf(family) && !names.add(AdjustPicture.key(kind.name())))
                    .forEach(kind ->
                            problems.add("A " + family.label() + " has two adjusters called “" + kind.name() + "”."));
        }
        Set<String> ids = new HashSet<>(ById.ids(results));
        adjusters.stream()
                .filter(kind -> !ids.add(kind.id()))
                .forEach(kind -> problems.add("“" + kind.name() + "” has the id of another: " + kind.id() + "."));
        adjusters.forEach(kind -> problems.addAll(problems(kind, known)));
        return problems;
    }

    private static List<String> problems(AdjusterKind kind, Set<String> known) {
        List<String> problems = new ArrayList<>();
        kind.moves().stream()
                .filter(moves -> !known.contains(AdjustPicture.key(moves.result())))
                .forEach(moves ->
                        problems.add("“" + kind.name() + "” moves “" + moves.result() + "”, which is not there."));
        if (kind.moves().isEmpty() && kind.speeds().isEmpty()) {
            problems.add("“" + kind.name() + "” moves nothing.");
        }
        if (kind.why().isBlank()) {
            problems.add("“" + kind.name() + "” has no reason.");
        }
        if (kind.held().lock() == AdjusterLock.RATCHET && kind.held().caution().isBlank()) {
            problems.add("“" + kind.name() + "” loses its tension when it is let go, but has no caution.");
        }
        return problems;
    }
}
