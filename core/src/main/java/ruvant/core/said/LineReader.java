package ruvant.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Reads what a line says. Every way of explaining the whole line by frames competes with every other; each pays for what it
 * has to forgive. The best one counts if it is good enough, and clearly better than the next that says something else. What is
 * not explained to its last word stays a remark.
 */
public final class LineReader {
    /** What each statement costs, so that one explanation is preferred to two halves. */
    private static final double STATEMENT = 0.3;

    /** What may be forgiven in all, and besides for each statement. */
    private static final double MOST = 0.45;

    private static final double MOST_EACH = 0.45;

    /** By how much the best must beat the next that says something else. */
    private static final double CLEARLY = 0.08;

    /** What each thing is worth that a frame tells beside the bare kind, so that the fuller of two readings is preferred. */
    private static final double TOLD = 0.03;

    /** Ways that are followed at once; lines are short, and those that cost more than these never win. */
    private static final int BEAM = 40;

    private static final int LONGEST = 48;

    private final Vocabulary vocabulary;
    private final List<Frame> frames;

    /**
     * @param vocabulary words of the trade by class, as {@code Vocabulary} says
     * @param frames how statements are said, as {@code Frames} says
     * @param english common words; what is one of them is never taken for a slip of another
     * @throws IllegalArgumentException where the frames are not written well or name what is not there
     */
    public LineReader(String vocabulary, String frames, Set<String> english) {
        this.vocabulary = new Vocabulary(vocabulary, english);
        this.frames = new Frames(frames, this.vocabulary).all();
    }

    private record Way(int end, List<Statement> said, double cost) {}

    /** What a line says where it is typed. */
    public LineReading read(String line, LineContext context) {
        List<Word> words = Words.of(line, vocabulary);
        if (words.isEmpty() || words.size() > LONGEST || line.contains("?")) {
            return LineReading.kept(line);
        }
        Scene scene = new Scene(words, vocabulary, context);
        List<Way> whole = ways(scene).stream()
                .filter(way -> !way.said().isEmpty())
                .sorted(Comparator.comparingDouble(Way::cost))
                .toList();
        if (whole.isEmpty()) {
            return whichPart(scene)
                    .map(question -> LineReading.asking(line, question))
                    .orElseGet(() -> LineReading.kept(line));
        }
        Way best = whole.getFirst();
        boolean dear =
                best.cost() > MOST + (MOST_EACH + STATEMENT) * best.said().size();
        boolean rivalled = whole.stream()
                .anyMatch(way -> !way.said().equals(best.said())
                        && way.cost() - best.cost() < CLEARLY
                        && !agree(way.said(), best.said()));
        return dear || rivalled ? LineReading.kept(line) : LineReading.of(best.said());
    }

    /** "Cover back on" where two covers are off: which of them has to be asked. */
    private Optional<String> whichPart(Scene scene) {
        for (int at = 0; at < scene.size(); at++) {
            List<String> meant = scene.offEndingWith(at);
            if (meant.size() > 1 && scene.words().size() > at + 1) {
                List<Word> words = new ArrayList<>(scene.words().subList(0, at));
                words.addAll(Words.of(meant.getFirst(), vocabulary));
                words.addAll(scene.words().subList(at + 1, scene.size()));
                boolean goesBack = ways(new Scene(words, vocabulary, scene.context())).stream()
                        .flatMap(way -> way.said().stream())
                        .anyMatch(said -> said.kind() == StatementKind.PUT_BACK);
                if (goesBack) {
                    return Optional.of("Which is back on: " + String.join(" or ", meant) + "?");
                }
            }
        }
        return Optional.empty();
    }

    /** The ways in which a line can be read, best first, for tests and figures. */
    List<String> explain(String line, LineContext context) {
        return ways(new Scene(Words.of(line, vocabulary), vocabulary, context)).stream()
                .filter(way -> !way.said().isEmpty())
                .sorted(Comparator.comparingDouble(Way::cost))
                .limit(6)
                .map(way -> String.format(java.util.Locale.ROOT, "%.2f %s", way.cost(), way.said()))
                .toList();
    }

    /** Whether two readings contradict each other nowhere: one may say more of the same than the other. */
    private static boolean agree(List<Statement> one, List<Statement> other) {
        return one.size() == other.size()
                && IntStream.range(0, one.size()).allMatch(at -> one.get(at).agrees(other.get(at)));
    }

    private List<Way> ways(Scene scene) {
        Map<Integer, List<Way>> open = new HashMap<>();
        List<Way> whole = new ArrayList<>();
        int first = passed(scene, 0);
        open.put(first, new ArrayList<>(List.of(new Way(first, List.of(), 0))));
        for (int at = first; at < scene.size(); at++) {
            List<Way> here = open.getOrDefault(at, List.of()).stream()
                    .sorted(Comparator.comparingDouble(Way::cost))
                    .limit(BEAM)
                    .toList();
            for (Way way : here) {
                for (Way next : on(scene, way)) {
                    if (next.end() >= scene.size()) {
                        whole.add(next);
                    } else {
                        open.computeIfAbsent(next.end(), end -> new ArrayList<>())
                                .add(next);
                    }
                }
            }
        }
        return whole;
    }

    /** Marks and empty words before a statement. */
    private static int passed(Scene scene, int at) {
        int end = at;
        while (end < scene.size()
                && (scene.in("break", end) || scene.word(end).is(Word.Type.MARK) || said(scene, end))) {
            end++;
        }
        return end;
    }

    /** "Okay, …" and the like, with a mark after it. */
    private static boolean said(Scene scene, int at) {
        return scene.in("empty word", at)
                && at + 1 < scene.size()
                && scene.word(at + 1).is(Word.Type.MARK);
    }

    private List<Way> on(Scene scene, Way way) {
        List<Way> next = new ArrayList<>();
        Scene here = scene.after(way.said());
        for (Frame frame : frames) {
            boolean follows = frame.after() == null
                    || here.last().map(last -> last.kind() == frame.after()).orElse(false);
            if (follows) {
                for (Match match : here.matches(frame, way.end())) {
                    for (int end : ends(here, match.end())) {
                        List<Statement> said = Said.of(frame, match, here);
                        if (!said.isEmpty()) {
                            List<Statement> all = new ArrayList<>(way.said());
                            all.addAll(said);
                            double cost = way.cost()
                                    + frame.cost()
                                    + match.cost()
                                    + STATEMENT * said.size()
                                    + Evidence.against(frame.kind(), here.context())
                                    - TOLD * match.fields().size();
                            next.add(new Way(end, List.copyOf(all), cost));
                        }
                    }
                }
            }
        }
        chatter(here, way, next);
        again(here, way, next);
        return next;
    }

    /** Where the next statement may begin after this word; none where the words go on without a break. */
    private static List<Integer> ends(Scene scene, int at) {
        int end = at;
        while (scene.in("empty word", end) || scene.in("article", end)) {
            end++;
        }
        int after = passed(scene, end);
        return after > end || end >= scene.size() ? List.of(after) : List.of();
    }

    /** What people say besides, and nothing follows from. */
    private void chatter(Scene scene, Way way, List<Way> next) {
        for (Vocabulary.Phrase phrase : vocabulary.at("chatter", scene.words(), way.end())) {
            for (int end : ends(scene, way.end() + phrase.words().size())) {
                next.add(new Way(end, way.said(), way.cost() + 0.05));
            }
        }
    }

    /** "Foot cover too": what was said last is true of another part. */
    private void again(Scene scene, Way way, List<Way> next) {
        if (way.said().isEmpty()) {
            return;
        }
        Statement last = way.said().getLast();
        String field = last.fields().containsKey("part") ? "part" : "what";
        for (Hit part : scene.hits(Slot.PART, way.end())) {
            if (last.fields().containsKey(field) && scene.in("too", part.end())) {
                for (int end : ends(scene, part.end() + 1)) {
                    List<Statement> all = new ArrayList<>(way.said());
                    all.add(last.with(field, part.value()));
                    next.add(new Way(end, List.copyOf(all), way.cost() + part.cost() + STATEMENT));
                }
            }
        }
    }
}
