package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import ruvant.core.adjust.AdjustPlan;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.Adjusting;
import ruvant.core.adjust.Advice;
import ruvant.core.adjust.Advisor;
import ruvant.core.adjust.LearnedResponses;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.practice.adjust.CameraToAdjust;
import ruvant.core.practice.adjust.OrderToAdjust;
import ruvant.core.practice.adjust.RangefinderToAdjust;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.Named;

/** Trials without figures, a rangefinder worked out from its mirror, and what other cameras of a model are worth. */
final class AdjustMoreTables {
    private static final int MOST = 60;
    private static final IntakeEntry.Received CAMERA = new IntakeEntry.Received(
            new Camera("Quillon", "35", "", "1", BodyType.RIGID, Family.FOCAL_CLOTH),
            new Owner("Bench", "", true, null, null),
            "",
            List.of(),
            "none",
            SpeedSeries.DOUBLING,
            List.of("1"),
            null);

    private AdjustMoreTables() {}

    static void into(Consumer<String> say, int cameras) {
        say.accept("### Orders of events, rangefinders, and the second camera of a model");
        say.accept("");
        say.accept(
                "%d cameras for each line. Orders: one only sees which came first, right over 1.2 to 4.2 steps of 17, the way supposed wrong one time in ten, one judgement in fifty mistaken; by hand a step at a time. "
                                .formatted(cameras)
                        + "Rangefinder: side, height and arm worked out from angles, read to 0.3 to 0.5 of what is allowed; by hand the worst first. "
                        + "Trials until truly right: median / 95th percentile, mean.");
        say.accept("");
        say.accept("| what | advised | by hand | stops that are right |");
        say.accept("|---|---|---|---|");
        say.accept(orders(1, cameras));
        say.accept(orders(2, cameras));
        say.accept(rangefinders(cameras));
        say.accept("");
        say.accept(
                "Where it can be reached, with what other cameras of the model taught (responses differ by an eighth between them): trials, median / 95th percentile, mean.");
        say.accept("");
        say.accept("| adjusters | first camera | after one | after three |");
        say.accept("|---|---|---|---|");
        for (int adjusters = 1; adjusters <= 3; adjusters++) {
            say.accept("| %d | %s | %s | %s |"
                    .formatted(
                            adjusters,
                            taught(adjusters, 0, cameras / 2),
                            taught(adjusters, 1, cameras / 2),
                            taught(adjusters, 3, cameras / 2)));
        }
        say.accept("");
    }

    private static String orders(int orders, int cameras) {
        List<Integer> advised = new ArrayList<>();
        List<Integer> byHand = new ArrayList<>();
        int stops = 0;
        int right = 0;
        for (long seed = 0; advised.size() < cameras; seed++) {
            OrderToAdjust camera = new OrderToAdjust(orders, seed);
            if (!camera.reachable() || camera.right()) {
                continue;
            }
            int needed = MOST;
            boolean goesOn = true;
            while (goesOn && camera.trials() < MOST) {
                AdjustPlan plan = new Adjusting(
                                camera.picture(),
                                CAMERA,
                                HousePractice.starting(),
                                AdjusterBook.EMPTY,
                                LearnedResponses.NONE)
                        .plan(List.of(Named.of("trip")));
                goesOn = plan.verdict() == AdjustPlan.Verdict.TURN || plan.verdict() == AdjustPlan.Verdict.FIRE_MORE;
                if (goesOn) {
                    double now = camera.picture().settings().getLast().turns().get("trip");
                    camera.turnTo(
                            plan.turns().isEmpty()
                                    ? now
                                    : plan.turns().getFirst().to());
                } else {
                    stops++;
                    right += camera.right() ? 1 : 0;
                }
                needed = needed == MOST && camera.right() ? camera.trials() : needed;
            }
            advised.add(needed);
            OrderToAdjust hands = new OrderToAdjust(orders, seed);
            byHand.add(until(hands::right, hands::goOnByHand, hands::trials));
        }
        return "| %s | %s | %s | %.1f %% of %d |"
                .formatted(
                        orders == 1 ? "one order" : "two orders at once",
                        spread(advised),
                        spread(byHand),
                        100.0 * right / stops,
                        stops);
    }

    private static int until(java.util.function.BooleanSupplier done, Runnable more, IntSupplier count) {
        while (!done.getAsBoolean() && count.getAsInt() < MOST) {
            more.run();
        }
        return count.getAsInt();
    }

    private static String rangefinders(int cameras) {
        List<Integer> advised = new ArrayList<>();
        List<Integer> byHand = new ArrayList<>();
        int stops = 0;
        int right = 0;
        for (long seed = 0; advised.size() < cameras; seed++) {
            RangefinderToAdjust camera = new RangefinderToAdjust(seed);
            if (camera.done()) {
                continue;
            }
            int needed = MOST;
            Advice advice = Advisor.advise(camera.asCase());
            while (goesOn(advice) && camera.cycles() < MOST) {
                camera.turnTo(advice.next());
                needed = needed == MOST && camera.done() ? camera.cycles() : needed;
                advice = Advisor.advise(camera.asCase());
            }
            if (advice.verdict() == Advice.Verdict.STOP_IN_TOLERANCE) {
                stops++;
                right += camera.done() ? 1 : 0;
            }
            advised.add(needed);
            RangefinderToAdjust hands = new RangefinderToAdjust(seed);
            byHand.add(until(hands::done, hands::goOnByHand, hands::cycles));
        }
        return "| rangefinder, three screws | %s | %s | %.1f %% of %d |"
                .formatted(spread(advised), spread(byHand), 100.0 * right / stops, stops);
    }

    private static boolean goesOn(Advice advice) {
        return advice.verdict() == Advice.Verdict.TURN || advice.verdict() == Advice.Verdict.FIRE_MORE;
    }

    private static String taught(int adjusters, int teachers, int cameras) {
        List<Integer> cycles = new ArrayList<>();
        for (long model = 1; cycles.size() < cameras; model++) {
            List<LearnedResponses.MetAdjuster> met = new ArrayList<>();
            for (int teacher = 0; teacher < teachers; teacher++) {
                CameraToAdjust camera = CameraToAdjust.ofModel(adjusters, model, 100L + teacher);
                cycles(camera, LearnedResponses.NONE);
                met.addAll(camera.taught());
            }
            CameraToAdjust camera = CameraToAdjust.ofModel(adjusters, model, 7);
            if (!camera.done() && camera.reachable()) {
                cycles.add(cycles(camera, new LearnedResponses(LearnedResponses.together(met), List.of())));
            }
        }
        return spread(cycles);
    }

    private static int cycles(CameraToAdjust camera, LearnedResponses learned) {
        int needed = camera.done() ? 0 : MOST;
        Advice advice = Advisor.advise(camera.asCase(learned));
        while (goesOn(advice) && camera.cycles() < MOST) {
            camera.turnTo(advice.next());
            needed = needed == MOST && camera.done() ? camera.cycles() : needed;
            advice = Advisor.advise(camera.asCase(learned));
        }
        return needed;
    }

    private static String spread(List<Integer> counts) {
        List<Integer> sorted = counts.stream().sorted().toList();
        int high = sorted.get((int) (0.95 * sorted.size()));
        double mean = sorted.stream().mapToInt(one -> one).average().orElseThrow();
        return "%d / %s, %.1f"
                .formatted(sorted.get(sorted.size() / 2), high == MOST ? "over " + MOST : String.valueOf(high), mean);
    }
}
