package ruvant.server.benchmark;

import java.util.List;
import java.util.function.Consumer;
import ruvant.core.practice.unseen.stand.UnseenStand;
import ruvant.core.signature.ShutterKind;

/** What comes of cases that nothing was chosen by: the odd seeds of simulators that know nothing of what they test. */
final class UnseenTables {
    private static final long SET_ASIDE = 1;
    private static final int LEARNED_FROM = 4_000;

    private UnseenTables() {}

    /** Recordings of the second stand. */
    static void measured(Consumer<String> say, int recordings) {
        say.accept("### Recordings of a stand that was set aside");
        say.accept("");
        say.accept(recordings
                + " recordings for each line, 3 to 6 firings each, of a second simulated stand that shares no code and no "
                + "constant with the rules or the first one; noise 24 to 45 dB under the light where nothing else is said, coupled or not. "
                + "Rules were chosen by its even seeds; these are odd ones. “Far off”: a usable firing that is off by more than three "
                + "standard deviations and 10 %. “False”: flags and warnings on firings that do not have it.");
        say.accept("");
        say.accept(
                "| | firings | missed | made up | usable | far off | error, median / 95th | stated deviation, median | within 2 of it "
                        + "| curtains' travel within 2 | told | false |");
        say.accept("|---|---|---|---|---|---|---|---|---|---|---|---|");
        for (UnseenStand.Trouble trouble : UnseenStand.Trouble.values()) {
            UnseenScore one = UnseenScore.over(trouble, SET_ASIDE, recordings);
            say.accept("| %s | %d | %d | %d | %.0f %% | %d | %.2f / %.2f %% | %.2f %% | %.1f %% | %s | %s | %.1f %% |"
                    .formatted(
                            trouble.words(),
                            one.firings,
                            one.missed,
                            one.phantoms,
                            100.0 * one.usable / one.firings,
                            one.wild,
                            100 * UnseenScore.quantile(one.errors, 0.5),
                            100 * UnseenScore.quantile(one.errors, 0.95),
                            100 * UnseenScore.quantile(one.doubts, 0.5),
                            100 * UnseenScore.within(one.deviations, 2),
                            one.travels.isEmpty() ? "–" : "%.0f %%".formatted(100 * UnseenScore.within(one.travels, 2)),
                            told(one),
                            100.0
                                    * one.flags.values().stream()
                                            .mapToInt(counts -> counts[2])
                                            .sum()
                                    / one.firings));
        }
        say.accept("");
    }

    /** Cameras to adjust. */
    static void turned(Consumer<String> say, int cameras) {
        say.accept("### The next turn on cameras that were set aside");
        say.accept("");
        say.accept(
                "%d cameras for each line, found out of tolerance, from a second simulator that shares no code and no constants with the advice: a turn moves the strongest result by 0.7 to 22 tolerances, effects are told in units from a twentieth to twenty, a third astray, the wrong way one time in twelve and not at all one time in ten; play to 0.1 turn, bends; a trial measures to 0.05 to 0.35 of the tolerance, one in twenty far worse. "
                                .formatted(cameras)
                        + "Cycles until all is truly within tolerance or within a tenth of it from the best there is, mean / 95th percentile; at most %d, which is also counted where it stopped before. “Knows”: somebody who knows every response."
                                .formatted(UnseenTurns.MOST));
        say.accept("");
        say.accept(
                "| adjusters | advised | by hand | knows | not at all | stops in tolerance that are right | ms for an advice |");
        say.accept("|---|---|---|---|---|---|---|");
        for (int adjusters = 1; adjusters <= 3; adjusters++) {
            UnseenTurns one = UnseenTurns.over(adjusters, SET_ASIDE, cameras);
            say.accept("| %d | %s | %s | %s | %d | %.1f %% of %d | %.0f |"
                    .formatted(
                            adjusters,
                            spread(one.advised),
                            spread(one.byHand),
                            spread(one.knowing),
                            one.never,
                            100.0 * one.right / Math.max(1, one.stops),
                            one.stops,
                            one.nanos / 1e6 / one.asked));
        }
        say.accept("");
    }

    /** What the speeds say. */
    static void spoken(Consumer<String> say, int each) {
        say.accept("### The speeds of shutters that were set aside");
        say.accept("");
        say.accept(
                "%d shutters for each cause, one in five with a second, milder fault, from a second simulator that shares no code and no constants with the ranking or the first simulator. It integrates forces over small steps of time. Drag acts everywhere, grows with speed or sits in one place; gum can free itself from firing to firing; latches stick only now and then; oil does not always make the first firing late. 5 firings at 8 to 11 speeds on two kinds of dial. The ranking was tuned on even seeds; these are odd seeds. “Classifier”: 200 random trees trained on %d other shutters from the same simulator, as a bound on what can be known. “Said 90 %% or more”: how often such a statement was true."
                        .formatted(each, LEARNED_FROM));
        say.accept("");
        say.accept("| | true cause first | in first two | classifier: first | in first two | said 90 % or more |");
        say.accept("|---|---|---|---|---|---|");
        for (ShutterKind kind : ShutterKind.values()) {
            for (boolean wholly : new boolean[] {true, false}) {
                say.accept(spoken(kind, wholly, each * kind.causes().size()));
            }
        }
        say.accept("");
    }

    private static String spoken(ShutterKind kind, boolean wholly, int shutters) {
        List<UnseenSpeeds.Answer> answers = UnseenSpeeds.over(kind, wholly, 20_001, shutters);
        SpeedsLearned learned = new SpeedsLearned(kind, wholly, LEARNED_FROM);
        List<Integer> bound =
                answers.stream().map(one -> learned.place(one.shutter())).toList();
        List<UnseenSpeeds.Answer> sure =
                answers.stream().filter(one -> one.said() >= 0.9).toList();
        return "| %s, %s | %.1f %% | %.1f %% | %.1f %% | %.1f %% | %.0f %% of %d |"
                .formatted(
                        kind.key(),
                        wholly ? "wholly" : "exposures only",
                        part(answers.stream().filter(one -> one.place() == 0).count(), shutters),
                        part(answers.stream().filter(one -> one.place() < 2).count(), shutters),
                        part(bound.stream().filter(place -> place == 0).count(), shutters),
                        part(bound.stream().filter(place -> place < 2).count(), shutters),
                        part(sure.stream().filter(one -> one.place() == 0).count(), Math.max(1, sure.size())),
                        sure.size());
    }

    private static double part(long count, int of) {
        return 100.0 * count / of;
    }

    private static String spread(List<Integer> cycles) {
        return "%.2f / %d".formatted(UnseenTurns.mean(cycles), UnseenTurns.quantile(cycles, 0.95));
    }

    private static String told(UnseenScore one) {
        StringBuilder told = new StringBuilder();
        one.flags.forEach((name, counts) -> {
            if (counts[1] > 0) {
                told.append(told.isEmpty() ? "" : ", ")
                        .append("%s %.0f %%".formatted(name, 100.0 * counts[0] / counts[1]));
            }
        });
        return told.isEmpty() ? "–" : told.toString();
    }
}
