package ruvant.core.adjust;

import static ruvant.core.job.JobEffect.Plain.READINGS_VOID;
import static ruvant.core.job.JobEffect.Plain.WORK_BETWEEN_FIRINGS;
import static ruvant.core.units.Phrase.figure;
import static ruvant.core.units.Phrase.with;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;
import ruvant.core.units.Refusal;

/** What can be turned, what it is to bring right, what was turned, and what came of it. */
public final class AdjustRoom implements JobRoom<AdjustEntry> {
    @Override
    public Class<AdjustEntry> entries() {
        return AdjustEntry.class;
    }

    @Override
    public RoomFold<AdjustEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(AdjustEntry entry, Standing now) {
        return switch (entry) {
            case AdjustEntry.AdjusterDescribed one -> Optional.empty();
            case AdjustEntry.ResultDescribed one -> Optional.empty();
            case AdjustEntry.Turned one -> Optional.empty();
            case AdjustEntry.ResultRead one -> Optional.empty();
            case AdjustEntry.ResultJudged one -> Optional.empty();
            case AdjustEntry.Nudged one -> Optional.empty();
            case AdjustEntry.ResultSaid one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(AdjustEntry entry) {
        return switch (entry) {
            case AdjustEntry.AdjusterDescribed one -> List.of();
            case AdjustEntry.ResultDescribed one -> List.of();
            case AdjustEntry.Turned one -> List.of(new JobEffect.AdjusterTurned(one.adjuster()), WORK_BETWEEN_FIRINGS);
            case AdjustEntry.ResultRead one -> List.of();
            case AdjustEntry.ResultJudged one -> List.of();
            case AdjustEntry.Nudged one -> List.of(new JobEffect.AdjusterTurned(one.adjuster()), WORK_BETWEEN_FIRINGS);
            case AdjustEntry.ResultSaid one -> List.of();
        };
    }

    @Override
    public String words(AdjustEntry entry, Names names) {
        return switch (entry) {
            case AdjustEntry.AdjusterDescribed one ->
                "can be adjusted: " + one.name() + ", in " + one.unit().label() + with(", held by ", held(one))
                        + with(", ", one.caution());
            case AdjustEntry.ResultDescribed one ->
                "target: " + one.name()
                        + (one.judged()
                                ? ", judged"
                                : ", " + figure(one.wanted()) + " ± " + figure(one.tolerance())
                                        + with(" ", one.unit()));
            case AdjustEntry.Turned one ->
                "turned " + one.adjuster() + " " + one.unit().signed(one.by()) + with(", ", one.remark());
            case AdjustEntry.ResultRead one ->
                one.result() + " reads " + figure(one.value()) + with(", ", one.remark());
            case AdjustEntry.ResultJudged one ->
                one.result() + ": " + Labelled.wordsOf(one.came()) + with(", ", one.remark());
            case AdjustEntry.Nudged one -> "moved " + one.adjuster() + " " + one.way();
            case AdjustEntry.ResultSaid one ->
                "result" + with(", ", one.what()) + ":"
                        + (one.value() == null ? "" : " " + figure(one.value()) + with(" ", one.unit()))
                        + with(" ", one.verdict());
        };
    }

    private static String held(AdjustEntry.AdjusterDescribed one) {
        return one.lock() == AdjusterLock.NONE ? "" : one.lock().label();
    }

    /**
     * Folds turns and what was measured after each into settings tried one after another. Speeds that are fired at Prove or on
     * the stand count by themselves: nobody types them twice.
     */
    public static final class Fold implements RoomFold<AdjustEntry> {
        /** How far one goes that nobody described. */
        private static final double USUAL_RANGE = 1;

        private static final double USUAL_PLACES = 6;

        /** Slits, and with them curtains, are judged by speeds faster than this, seconds. */
        private static final double FAST = 0.012;

        private final Map<String, AdjustPicture.Known> adjusters = new LinkedHashMap<>();
        private final Map<String, AdjustEntry.ResultDescribed> results = new LinkedHashMap<>();
        private final List<AdjustPicture.Setting> settled = new ArrayList<>();
        private final Map<String, Double> turns = new HashMap<>();
        private boolean afterWork;
        private Instant since = Instant.EPOCH;
        private List<UUID> turned = new ArrayList<>();
        private List<AdjustPicture.Shot> shots = new ArrayList<>();

        @Override
        public Optional<Refusal> objection(Line line, AdjustEntry entry) {
            return switch (entry) {
                case AdjustEntry.Turned turn -> otherUnit(turn);
                case AdjustEntry.ResultRead read -> notRead(read.result());
                case AdjustEntry.ResultJudged judged -> notJudged(judged.result());
                case AdjustEntry.AdjusterDescribed described -> otherUnit(described);
                case AdjustEntry.ResultDescribed described -> Optional.empty();
                case AdjustEntry.Nudged nudged -> Optional.empty();
                case AdjustEntry.ResultSaid said -> Optional.empty();
            };
        }

        private Optional<Refusal> otherUnit(AdjustEntry.Turned turn) {
            AdjustPicture.Known known = adjusters.get(AdjustPicture.key(turn.adjuster()));
            return known == null
                            || known.what().unit().isPlaces() == turn.unit().isPlaces()
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "otherUnit",
                            "“" + known.what().name() + "” counts in "
                                    + known.what().unit().label() + ".",
                            "Enter how many " + known.what().unit().label() + "."));
        }

        private Optional<Refusal> otherUnit(AdjustEntry.AdjusterDescribed described) {
            AdjustPicture.Known known = adjusters.get(AdjustPicture.key(described.name()));
            return known == null
                            || known.timesTurned() == 0
                            || known.what().unit().isPlaces()
                                    == described.unit().isPlaces()
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "otherUnit",
                            "“" + known.what().name() + "” has already been turned in "
                                    + known.what().unit().label() + ".",
                            "Strike those turns out first, or keep that unit."));
        }

        private Optional<Refusal> notRead(Named result) {
            AdjustEntry.ResultDescribed known = results.get(AdjustPicture.key(result));
            if (known == null && !isSpeed(result)) {
                return Optional.of(unknown(result));
            }
            if (known == null) {
                // throws where it is no speed that a dial could have
                MarkedSpeed.nominalSeconds(result.words(), SpeedSeries.AS_MARKED);
            }
            return known != null && known.judged()
                    ? Optional.of(new Refusal(
                            "judgedOnly",
                            "“" + known.name() + "” has no number: it is judged by eye or ear.",
                            "Say which it is: " + String.join(", ", known.sides()) + "."))
                    : Optional.empty();
        }

        private Optional<Refusal> notJudged(Named result) {
            AdjustEntry.ResultDescribed known = results.get(AdjustPicture.key(result));
            if (known == null) {
                return Optional.of(unknown(result));
            }
            return known.judged()
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "measuredOnly",
                            "“" + known.name() + "” is measured in " + known.unit() + ".",
                            "Enter the number."));
        }

        private static Refusal unknown(Named result) {
            return new Refusal(
                    "resultUnknown",
                    "Nothing is known yet about “" + result + "”.",
                    "First say its unit and tolerance, or what its faults on either side are called.");
        }

        static boolean isSpeed(Named result) {
            return result.id().matches("(1/)?[0-9]{1,5}(\\.[0-9]+)?");
        }

        @Override
        public void take(Line line, AdjustEntry entry) {
            switch (entry) {
                case AdjustEntry.AdjusterDescribed described -> describe(described);
                case AdjustEntry.ResultDescribed described ->
                    results.put(AdjustPicture.key(described.name()), described);
                case AdjustEntry.Turned turn -> turn(line, turn);
                case AdjustEntry.ResultRead read ->
                    shots.add(new AdjustPicture.Read(line.id(), read.result(), read.value(), false));
                case AdjustEntry.Nudged nudged -> nudge(line, nudged);
                case AdjustEntry.ResultSaid said -> {}
                case AdjustEntry.ResultJudged judged ->
                    shots.add(new AdjustPicture.Judged(line.id(), judged.result(), judged.came()));
            }
        }

        private void describe(AdjustEntry.AdjusterDescribed described) {
            String key = AdjustPicture.key(described.name());
            AdjustPicture.Known known = adjusters.get(key);
            double at = known == null ? 0 : known.turns();
            adjusters.put(
                    key,
                    new AdjustPicture.Known(
                            reaching(described, at), true, at, known == null ? 0 : known.timesTurned()));
        }

        /** What was turned went that far, whatever was thought of its range. */
        private static AdjustEntry.AdjusterDescribed reaching(AdjustEntry.AdjusterDescribed what, double at) {
            return at >= what.least() && at <= what.most()
                    ? what
                    : new AdjustEntry.AdjusterDescribed(
                            what.name(),
                            what.unit(),
                            Math.min(at, what.least()),
                            Math.max(at, what.most()),
                            what.lock(),
                            what.caution(),
                            what.triedWith(),
                            what.coverMinutes(),
                            what.moves());
        }

        private void turn(Line line, AdjustEntry.Turned turn) {
            if (!shots.isEmpty()) {
                settle(line.at());
            }
            String key = AdjustPicture.key(turn.adjuster());
            AdjustPicture.Known known =
                    adjusters.computeIfAbsent(key, name -> new AdjustPicture.Known(onTheSpot(turn), false, 0, 0));
            double at = known.turns() + turn.by();
            turns.put(key, at);
            adjusters.put(
                    key,
                    new AdjustPicture.Known(
                            reaching(known.what(), at), known.described(), at, known.timesTurned() + 1));
            turned.add(line.id());
        }

        /** How far it went nobody knows: what was measured before says nothing of how it is set now. */
        private void nudge(Line line, AdjustEntry.Nudged nudged) {
            if (!shots.isEmpty()) {
                settle(line.at());
            }
            afterWork = !settled.isEmpty();
            turned.add(line.id());
        }

        private static AdjustEntry.AdjusterDescribed onTheSpot(AdjustEntry.Turned turn) {
            double range = turn.unit().isPlaces() ? USUAL_PLACES : USUAL_RANGE;
            return new AdjustEntry.AdjusterDescribed(
                    turn.adjuster(), turn.unit(), -range, range, AdjusterLock.NONE, "", "", 0, List.of());
        }

        private void settle(Instant at) {
            settled.add(now());
            afterWork = false;
            since = at;
            turned = new ArrayList<>();
            shots = new ArrayList<>();
        }

        private AdjustPicture.Setting now() {
            return new AdjustPicture.Setting(
                    Map.copyOf(turns), afterWork, since, List.copyOf(turned), List.copyOf(shots));
        }

        @Override
        public void hear(Line line, Effect effect) {
            if (effect == READINGS_VOID) {
                workedOn(line);
            } else if (effect instanceof JobEffect.SpeedFired run && run.attitude() == Attitude.LEVEL) {
                fired(line, run);
            }
        }

        /** Firings that were timed count for the setting at which they were fired, and so does what the curtains did. */
        private void fired(Line line, JobEffect.SpeedFired run) {
            int rested = run.afterRest() ? 1 : 0;
            List<Double> counted = run.seconds().stream().skip(rested).toList();
            if (!counted.isEmpty()) {
                shots.add(new AdjustPicture.Timed(line.id(), Named.of(run.speed()), counted, run.simulated()));
            }
            if (MarkedSpeed.nominalSeconds(run.speed(), SpeedSeries.AS_MARKED) < FAST) {
                run.curtains().stream().skip(rested).forEach(curtains -> ran(line, curtains, run.simulated()));
            }
        }

        /** What the curtains did at a fast speed; it counts where those results are wanted. */
        private void ran(Line line, MeasuredFiring.CurtainTimes curtains, boolean simulated) {
            shots.add(new AdjustPicture.Read(line.id(), Named.of("taper"), curtains.taperEv(), simulated));
            shots.add(new AdjustPicture.Read(
                    line.id(), Named.of("leading curtain travel"), 1000 * curtains.leadingSeconds(), simulated));
            shots.add(new AdjustPicture.Read(
                    line.id(), Named.of("trailing curtain travel"), 1000 * curtains.trailingSeconds(), simulated));
        }

        /** Something else was done to the mechanism: what it measured before says nothing of it now. */
        private void workedOn(Line line) {
            if (!shots.isEmpty()) {
                settle(line.at());
            }
            afterWork = !settled.isEmpty();
        }

        /** The picture so far. */
        public AdjustPicture picture() {
            List<AdjustPicture.Setting> settings = new ArrayList<>(settled);
            settings.add(now());
            return new AdjustPicture(List.copyOf(adjusters.values()), List.copyOf(results.values()), settings);
        }
    }
}
