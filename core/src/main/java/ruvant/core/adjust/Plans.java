package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.units.Named;

/** Makes one plan of what the judged results and the figures ask for: what is judged comes right first. */
final class Plans {
    private final AdjustPicture picture;
    private final List<AdjustEntry.AdjusterDescribed> chosen;
    private final Readings readings;
    private final List<JudgedSide> sides;
    private final Optional<AdjustCase> figures;
    private final Optional<Advisor> advisor;

    Plans(
            AdjustPicture picture,
            List<AdjustEntry.AdjusterDescribed> chosen,
            Readings readings,
            List<JudgedSide> sides,
            Optional<AdjustCase> figures) {
        this.picture = picture;
        this.chosen = chosen;
        this.readings = readings;
        this.sides = sides;
        this.figures = figures;
        this.advisor = figures.map(Advisor::of);
    }

    static AdjustPlan nothing() {
        return new AdjustPlan(
                List.of(),
                AdjustPlan.Verdict.NOTHING_CHOSEN,
                List.of(),
                "Choose what you want to turn.",
                0,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                0);
    }

    AdjustPlan plan() {
        List<String> toJudge =
                sides.stream().flatMap(side -> side.notJudged().stream()).toList();
        if (figures.isEmpty() && sides.isEmpty()) {
            return measureFirst("Measure what “" + chosen.getFirst().name() + "” moves, before you turn it: "
                    + movedBy(chosen.getFirst()) + ".");
        }
        if (!toJudge.isEmpty()) {
            return measureFirst("Say how it is now: " + String.join("; ", toJudge) + ".");
        }
        for (int i = 0; i < sides.size(); i++) {
            if (!sides.get(i).settled()) {
                return judged(sides.get(i));
            }
        }
        if (figures.isEmpty()) {
            return made(
                    AdjustPlan.Verdict.IN_TOLERANCE,
                    List.of(),
                    "Everything is right now.",
                    sides.stream().mapToDouble(JudgedSide::rightNow).min().orElse(1));
        }
        boolean measured = figures.get().results().stream()
                .anyMatch(result -> readings.now(result).isPresent());
        return measured
                ? byFigures()
                : measureFirst("Measure again after the last turn: "
                        + figures.get().results().stream()
                                .map(result -> result.name().words())
                                .collect(Collectors.joining(", "))
                        + ".");
    }

    private static String movedBy(AdjustEntry.AdjusterDescribed adjuster) {
        return adjuster.moves().isEmpty()
                ? "its effect is not known yet"
                : adjuster.moves().stream()
                        .map(moves -> moves.result().words())
                        .limit(6)
                        .collect(Collectors.joining(", "));
    }

    private AdjustPlan measureFirst(String why) {
        return made(AdjustPlan.Verdict.MEASURE_FIRST, List.of(), why, 0);
    }

    private AdjustPlan judged(JudgedSide side) {
        AdjustEntry.AdjusterDescribed adjuster = side.adjuster();
        List<Named> nowhere = side.nowhere();
        if (!nowhere.isEmpty()) {
            return made(
                    AdjustPlan.Verdict.NOT_AS_EXPECTED,
                    List.of(),
                    "No setting of “" + adjuster.name() + "” seems right for "
                            + nowhere.stream().map(Named::words).collect(Collectors.joining(" and "))
                            + ": the wrong sides meet. Use a finer step, look for a worn edge, or try another adjuster.",
                    0);
        }
        JudgedSide.Best best = side.best();
        double by = best.at() - side.now();
        if (Math.abs(by) < adjuster.unit().size() / 2) {
            return made(
                    AdjustPlan.Verdict.FIRE_MORE,
                    List.of(),
                    side.cameBothWays()
                            ? "It came out both ways at this setting. Try it again without turning."
                            : "Try it again without turning: one more result settles it.",
                    side.rightNow());
        }
        AdjustPlan.Turn turn = TurnSteps.of(adjuster, side.now(), by);
        return made(
                AdjustPlan.Verdict.TURN,
                List.of(turn),
                String.format(
                        Locale.ROOT,
                        "The middle of what the trials leave open. It is at %s now.",
                        adjuster.unit().signed(side.now())),
                best.right());
    }

    private AdjustPlan byFigures() {
        Advice advice = advisor.orElseThrow().advice();
        List<Adjuster> adjusters = figures.orElseThrow().adjusters();
        List<AdjustPlan.Turn> turns = new ArrayList<>();
        for (int i = 0; i < adjusters.size(); i++) {
            double now = figures.get().turnsNow()[i];
            double by = advice.next().get(i) - now;
            if (advice.verdict() == Advice.Verdict.TURN && Math.abs(by) > 1e-9) {
                turns.add(TurnSteps.of(chosen(adjusters.get(i).name()), now, by));
            }
        }
        return switch (advice.verdict()) {
            case TURN -> made(AdjustPlan.Verdict.TURN, turns, turning(advice), advice);
            case STOP_IN_TOLERANCE -> made(AdjustPlan.Verdict.IN_TOLERANCE, turns, inTolerance(advice), advice);
            case STOP_BEST_COMPROMISE -> made(AdjustPlan.Verdict.BEST_COMPROMISE, turns, advice.why(), advice);
            case FIRE_MORE -> made(AdjustPlan.Verdict.FIRE_MORE, turns, advice.why(), advice);
            case RESPONSE_NOT_AS_EXPECTED ->
                made(AdjustPlan.Verdict.NOT_AS_EXPECTED, turns, advice.why() + reasons(), advice);
        };
    }

    private static String turning(Advice advice) {
        return String.format(
                        Locale.ROOT,
                        "The worst result should go from %.1f to %.1f × its tolerance.",
                        advice.worstNow(),
                        advice.worstThere())
                + (advice.worstThere() < advice.worstNow()
                        ? ""
                        : " No setting is certain to be better yet; this one tells the most.");
    }

    private static String inTolerance(Advice advice) {
        return String.format(
                Locale.ROOT,
                "Everything it moves is within tolerance now, with a chance of %.0f %%. The worst is at %.1f × its tolerance.",
                100 * Math.min(0.99, advice.probabilityInTolerance()),
                advice.worstNow());
    }

    /** What else may be behind it that turning changes nothing. */
    private String reasons() {
        StringBuilder more = new StringBuilder();
        for (AdjustEntry.AdjusterDescribed one : chosen) {
            double now = picture.settings().getLast().of(one.name());
            if (now <= one.least() + 1e-9 || now >= one.most() - 1e-9) {
                more.append(" “").append(one.name()).append("” is at the end of its range.");
            }
            if (one.lock() == AdjusterLock.SCREW) {
                more.append(" Its lock screw may still hold the part it should move.");
            }
        }
        return more.toString();
    }

    private AdjustEntry.AdjusterDescribed chosen(Named name) {
        return chosen.stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private AdjustPlan made(AdjustPlan.Verdict verdict, List<AdjustPlan.Turn> turns, String why, Advice advice) {
        return made(verdict, turns, why, advice.probabilityInTolerance());
    }

    private AdjustPlan made(AdjustPlan.Verdict verdict, List<AdjustPlan.Turn> turns, String why, double probability) {
        PlanPictures pictures = new PlanPictures(picture, chosen, readings, figures, advisor);
        return new AdjustPlan(
                chosen,
                verdict,
                turns,
                why,
                probability,
                pictures.outlooks(turns),
                sides.stream().flatMap(side -> side.shown().stream()).toList(),
                pictures.slices(),
                pictures.map(turns),
                chosen.stream()
                        .mapToInt(AdjustEntry.AdjusterDescribed::coverMinutes)
                        .max()
                        .orElse(0));
    }
}
