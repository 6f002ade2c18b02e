package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Trouble;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.JobRooms;
import ruvant.core.picture.Shop;
import ruvant.core.said.Heard;
import ruvant.core.said.LineContext;
import ruvant.core.said.LineReader;
import ruvant.core.said.Statement;
import ruvant.core.said.StatementKind;
import ruvant.core.said.taught.Lesson;
import ruvant.core.said.taught.TaughtWord;
import ruvant.core.said.taught.TaughtWords;
import ruvant.core.said.taught.WordClass;
import ruvant.core.trade.Stop;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

/**
 * Reads the line at the foot of a camera: what it says, how the record would say it, what else it could mean, and what stands
 * against logging it. What is not understood to its last word is a remark.
 */
public final class LogLine {
    private final JobPicture picture;
    private final LineReader reader;
    private final Meaning meaning;
    private final SpokenHere here;
    private final Suggestions suggestions;
    private final TaughtWords taught;
    private final Function<List<JobEntry>, Optional<Refusal>> check;

    /**
     * @param reader with the short commands of the bench
     * @param earlier what other jobs taught; asked for only where a removal or an adjuster is said
     * @param taught words that the people of the shop taught
     * @param check why entries could not be logged just now; empty where they could
     */
    public LogLine(
            JobPicture picture,
            Shop shop,
            LineReader reader,
            Supplier<ModelKnowledge> earlier,
            TaughtWords taught,
            Function<List<JobEntry>, Optional<Refusal>> check) {
        this.picture = picture;
        this.reader = reader;
        this.taught = taught;
        this.check = check;
        AdjustLines adjusters = new AdjustLines(picture, shop, earlier);
        this.meaning = new Meaning(picture, shop, adjusters);
        this.here = new SpokenHere(picture, shop, earlier, adjusters);
        this.suggestions = new Suggestions(picture, earlier);
    }

    /**
     * Reads a line where the camera stands; never throws.
     *
     * @param stop where the technician is
     * @param chosen what a person made of pieces of it, by the words of the piece; they win over what would be read
     */
    public Reading read(String line, Stop stop, Map<String, Statement> chosen) {
        String text = line == null ? "" : line.strip();
        if (text.isEmpty()) {
            return new Reading(filledIn(chosen), Optional.empty(), List.of(), List.of());
        }
        LineContext context = here.at(stop, taught.byClass());
        Heard heard = reader.hear(text, context);
        List<Chip> chips = new ArrayList<>();
        List<JobEntry> before = new ArrayList<>();
        for (Heard.Piece piece : heard.pieces()) {
            Chip chip = chip(piece, chosen, before);
            chips.add(chip);
            before.addAll(chip.entries());
        }
        List<TaughtWord> teaches = chosen.entrySet().stream()
                .filter(one -> chips.stream().anyMatch(chip -> chip.typed().equals(one.getKey())))
                .flatMap(one ->
                        Lesson.of(one.getKey(), one.getValue(), (name, phrase) -> reader.knows(name, phrase, context))
                                .stream())
                .toList();
        return new Reading(chips, heard.question(), suggestions.at(text, chips), teaches);
    }

    /** What was filled in without a line. */
    private List<Chip> filledIn(Map<String, Statement> chosen) {
        return chosen.entrySet().stream()
                .map(one -> new Heard.Piece("", Optional.of(one.getValue()), List.of()))
                .map(piece -> chip(piece, Map.of(), List.of()))
                .toList();
    }

    /** The same at the stop where work goes on, with nothing chosen. */
    public Reading read(String line) {
        return read(line, picture.lastStop(), Map.of());
    }

    private Chip chip(Heard.Piece piece, Map<String, Statement> chosen, List<JobEntry> before) {
        Statement said = Optional.ofNullable(chosen.get(piece.words()))
                .or(() -> piece.said().filter(any -> !taughtAsRemark(piece.words())))
                .orElseGet(() -> remark(piece.words()));
        List<Statement> ways = WaysToTake.of(piece, said);
        if (said.kind() == StatementKind.REMARK) {
            return kept(piece.words(), said, Optional.empty(), ways);
        }
        List<JobEntry> entries;
        try {
            entries = meaning.of(said);
        } catch (FieldProblem problem) {
            return kept(
                    piece.words(), said, Optional.of(new Trouble(problem.getMessage(), problem.remedy(), false)), ways);
        }
        List<JobEntry> all = new ArrayList<>(before);
        all.addAll(entries);
        Optional<Trouble> refused = check.apply(all).map(why -> new Trouble(why.message(), why.remedy(), true));
        return new Chip(
                piece.words(),
                said.kind(),
                KindForm.of(said.kind()).label(),
                inTheRecord(entries),
                said.fields(),
                entries,
                refused,
                ways.stream().map(WaysToTake::way).toList(),
                ways.indexOf(said));
    }

    private boolean taughtAsRemark(String words) {
        return taught.words().stream()
                .anyMatch(one -> one.as() == WordClass.REMARK && one.phrase().equals(Lesson.plain(words)));
    }

    /** How the record will say it; what is only introduced for it goes without saying. */
    private static String inTheRecord(List<JobEntry> entries) {
        return entries.stream()
                .filter(one -> !(one instanceof AdjustEntry.AdjusterDescribed)
                        && !(one instanceof AdjustEntry.ResultDescribed))
                .map(JobRooms.ALL::words)
                .collect(Collectors.joining("; "));
    }

    private static Statement remark(String words) {
        return new Statement(StatementKind.REMARK, Map.of("says", words));
    }

    private Chip kept(String words, Statement said, Optional<Trouble> trouble, List<Statement> ways) {
        String text = said.kind() == StatementKind.REMARK && !said.text("says").isEmpty() ? said.text("says") : words;
        List<JobEntry> entries = text.isBlank() ? List.of() : meaning.of(remark(text));
        return new Chip(
                words,
                said.kind(),
                KindForm.of(said.kind()).label(),
                inTheRecord(entries),
                said.fields(),
                entries,
                trouble,
                ways.stream().map(WaysToTake::way).toList(),
                ways.indexOf(said));
    }
}
