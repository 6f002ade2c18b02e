package ruvant.core.sitting;

import static ruvant.core.job.JobEffect.Plain.AT_NO_STOP;
import static ruvant.core.job.JobEffect.Plain.BESIDE_THE_WORK;
import static ruvant.core.job.JobEffect.Plain.IN_PASSING;
import static ruvant.core.job.JobEffect.Plain.MODEL_TAUGHT;
import static ruvant.core.job.JobEffect.Plain.SAID_AFTER_RETURN_TOO;
import static ruvant.core.units.Phrase.part;
import static ruvant.core.units.Phrase.with;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.Stop;
import ruvant.core.units.Refusal;

/** What goes on at a camera whatever the stop: sitting down, deciding, noting. */
public final class SittingRoom implements JobRoom<SittingEntry> {
    private static final int LATELY = 4;

    @Override
    public Class<SittingEntry> entries() {
        return SittingEntry.class;
    }

    @Override
    public RoomFold<SittingEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(SittingEntry entry, Standing now) {
        return switch (entry) {
            case SittingEntry.SatDown down -> now.of(MayWork.class).refusal(down.stop());
            case SittingEntry.GotUp up -> Optional.empty();
            case SittingEntry.Decided decided -> Optional.empty();
            case SittingEntry.Noted noted -> Optional.empty();
            case SittingEntry.Slipped slip -> Optional.empty();
            case SittingEntry.ToolNoted tool -> Optional.empty();
            case SittingEntry.ToolSaid tool -> Optional.empty();
            case SittingEntry.ModelSaid model -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(SittingEntry entry) {
        return switch (entry) {
            case SittingEntry.SatDown down -> List.of(AT_NO_STOP, IN_PASSING);
            case SittingEntry.GotUp up -> List.of(AT_NO_STOP, IN_PASSING);
            case SittingEntry.Decided decided -> List.of(AT_NO_STOP);
            case SittingEntry.Noted noted -> List.of(AT_NO_STOP, SAID_AFTER_RETURN_TOO);
            case SittingEntry.Slipped slip -> List.of(AT_NO_STOP, MODEL_TAUGHT);
            case SittingEntry.ToolNoted tool -> List.of(AT_NO_STOP);
            case SittingEntry.ToolSaid tool -> List.of(AT_NO_STOP, MODEL_TAUGHT);
            case SittingEntry.ModelSaid model -> List.of(AT_NO_STOP, MODEL_TAUGHT);
        };
    }

    @Override
    public String words(SittingEntry entry, Names names) {
        return switch (entry) {
            case SittingEntry.SatDown down -> "work started, " + down.stop().label() + with(": ", down.step());
            case SittingEntry.GotUp up -> "work stopped" + with(": ", up.remark());
            case SittingEntry.Decided decided ->
                (decided.open() ? "to decide: " : "decided: ")
                        + decided.text()
                        + with(", because ", decided.reason())
                        + decided.rejected().stream().map(one -> "; not " + one).collect(Collectors.joining());
            case SittingEntry.Noted noted -> "note: " + noted.text();
            case SittingEntry.Slipped slip ->
                "went wrong" + part(", ", slip.part()) + ": " + slip.wrong() + with(", showed as ", slip.shown())
                        + with(", put right: ", slip.putRight());
            case SittingEntry.ToolNoted tool ->
                (tool.atHand() ? "tool now available: " : "missing tool: ") + tool.tool() + with(", ", tool.remark());
            case SittingEntry.ToolSaid tool ->
                "tool " + tool.status().label() + ": " + tool.tool() + part(" on ", tool.part())
                        + with(", ", tool.why());
            case SittingEntry.ModelSaid model ->
                "true of the model" + with(", ", model.about()) + ": " + model.says()
                        + (model.sure() ? "" : " (not certain)") + with(", known from ", model.known());
        };
    }

    /** Folds sittings, decisions and notes. */
    public static final class Fold implements RoomFold<SittingEntry> {
        private final Map<Stop, Long> minutes = new EnumMap<>(Stop.class);
        private final List<SittingTime.Sat> sittings = new ArrayList<>();
        private final List<SittingTime.Decision> decisions = new ArrayList<>();
        private final List<SittingTime.Note> notes = new ArrayList<>();
        private final List<SittingTime.Slip> slips = new ArrayList<>();
        private final Map<String, SittingTime.Tool> lacking = new LinkedHashMap<>();
        private final List<SittingTime.ToolWord> tools = new ArrayList<>();
        private final List<SittingTime.OfTheModel> ofTheModel = new ArrayList<>();
        private final Deque<Line> lately = new ArrayDeque<>();
        private Line last;
        private Stop lastStop = Stop.INTAKE;
        private SittingEntry.SatDown seated;
        private Line seatedLine;

        @Override
        public Optional<Refusal> objection(Line line, SittingEntry entry) {
            return entry instanceof SittingEntry.GotUp && seated == null
                    ? Optional.of(new Refusal("notSeated", "Nobody is working at this camera.", "Start work first."))
                    : Optional.empty();
        }

        @Override
        public void take(Line line, SittingEntry entry) {
            switch (entry) {
                case SittingEntry.SatDown down -> {
                    endSitting(line.at());
                    seated = down;
                    seatedLine = line;
                }
                case SittingEntry.GotUp up -> endSitting(line.at());
                case SittingEntry.Decided decided ->
                    decisions.add(new SittingTime.Decision(line.id(), line.at(), decided));
                case SittingEntry.Noted noted ->
                    notes.add(new SittingTime.Note(line.id(), line.at(), line.by(), noted.text()));
                case SittingEntry.Slipped slip -> slips.add(new SittingTime.Slip(line.id(), line.at(), slip));
                case SittingEntry.ToolSaid tool -> tools.add(new SittingTime.ToolWord(line.id(), tool));
                case SittingEntry.ModelSaid model -> ofTheModel.add(new SittingTime.OfTheModel(line.id(), model));
                case SittingEntry.ToolNoted tool -> {
                    String key = tool.tool().toLowerCase(Locale.ROOT);
                    if (tool.atHand()) {
                        lacking.remove(key);
                    } else {
                        lacking.put(key, new SittingTime.Tool(line.id(), tool.tool(), tool.remark()));
                    }
                }
            }
        }

        private void endSitting(Instant at) {
            if (seated != null) {
                long sat = SittingTime.capped(seatedLine.at(), at);
                minutes.merge(seated.stop(), sat, Long::sum);
                sittings.add(new SittingTime.Sat(seated.stop(), seatedLine.by(), seatedLine.at(), sat));
            }
            seated = null;
            seatedLine = null;
        }

        /** The picture so far. */
        public SittingTime picture() {
            return new SittingTime(
                    Map.copyOf(minutes),
                    List.copyOf(sittings),
                    Optional.ofNullable(seatedLine).map(Line::at),
                    Optional.ofNullable(seated),
                    Optional.ofNullable(seatedLine).map(Line::by),
                    List.copyOf(decisions),
                    List.copyOf(notes),
                    List.copyOf(slips),
                    List.copyOf(lacking.values()),
                    List.copyOf(tools),
                    List.copyOf(ofTheModel));
        }

        @Override
        public void followed(Line line, List<Effect> effects) {
            last = line;
            if (!effects.contains(IN_PASSING)) {
                lately.addLast(line);
                if (lately.size() > LATELY) {
                    lately.removeFirst();
                }
            }
            if (!effects.contains(AT_NO_STOP)
                    && !effects.contains(BESIDE_THE_WORK)
                    && line.entry() instanceof JobEntry entry) {
                lastStop = entry.stop();
            }
        }

        /** How work went on so far. */
        public Course course() {
            return new Course(Optional.ofNullable(last), List.copyOf(lately), lastStop);
        }
    }
}
