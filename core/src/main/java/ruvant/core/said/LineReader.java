package ruvant.core.said;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
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

    private static final java.util.regex.Pattern PARTED = java.util.regex.Pattern.compile(";|\\.(?=\\s+\\p{L})");

    private final Vocabulary vocabulary;
    private final List<Frame> frames;

    /** What else a piece could mean is offered up to so many. */
    private static final int OTHERS = 5;

    /**
     * @param vocabulary words of the trade by class, as {@code Vocabulary} says
     * @param frames how statements are said, as {@code Frames} says; one text or several
     * @param english common words; what is one of them is never taken for a slip of another
     * @throws IllegalArgumentException where the frames are not written well or name what is not there
     */
    public LineReader(String vocabulary, List<String> frames, Set<String> english) {
        this.vocabulary = new Vocabulary(vocabulary, english);
        this.frames = new Frames(frames, this.vocabulary).all();
    }

    /** Statements, and which words of the line they were taken from. */
    private record Span(int from, int to, List<Statement> said) {}

    private record Way(int end, List<Span> spans, List<Statement> said, boolean command, double cost) {
        Way and(int next, Span span, boolean byCommand, double more) {
            List<Span> stretches = new ArrayList<>(spans);
            stretches.add(span);
            List<Statement> all = new ArrayList<>(said);
            all.addAll(span.said());
            return new Way(next, List.copyOf(stretches), List.copyOf(all), command || byCommand, cost + more);
        }
    }

    private Scene scene(String line, LineContext context) {
        Vocabulary here = vocabulary.with(context.words());
        return new Scene(Words.of(line, here), here, context);
    }

    /** Every way to the end of the line that says something, the best first. */
    private List<Way> whole(Scene scene) {
        return ways(scene).stream()
                .filter(way -> !way.said().isEmpty())
                .sorted(Comparator.comparingDouble(Way::cost))
                .toList();
    }

    private static boolean canBeRead(Scene scene, String line) {
        return scene.size() > 0 && scene.size() <= LONGEST && !line.contains("?");
    }

    /** What a line says where it is typed. */
    public LineReading read(String line, LineContext context) {
        Scene scene = scene(line, context);
        if (!canBeRead(scene, line)) {
            return LineReading.kept(line);
        }
        List<Way> whole = whole(scene);
        if (whole.isEmpty()) {
            return whichPart(scene)
                    .map(question -> LineReading.asking(line, question))
                    .orElseGet(() -> LineReading.kept(line));
        }
        return counts(whole) ? LineReading.of(whole.getFirst().said()) : LineReading.kept(line);
    }

    /** The same with what else each piece could mean, for somebody who looks at it before it is logged. */
    public Heard hear(String line, LineContext context) {
        Heard whole = heard(line, context);
        boolean read = whole.pieces().stream().anyMatch(piece -> piece.said().isPresent());
        String[] parted = PARTED.split(line);
        if (read || parted.length < 2) {
            return whole;
        }
        // what stands between semicolons stands by itself: one piece that is not understood leaves the others as they
        // are
        List<Heard> each = Arrays.stream(parted)
                .filter(piece -> !piece.isBlank())
                .map(piece -> heard(piece.strip(), context))
                .toList();
        if (each.stream()
                .flatMap(one -> one.pieces().stream())
                .noneMatch(piece -> piece.said().isPresent())) {
            return whole;
        }
        return new Heard(
                each.stream().flatMap(one -> one.pieces().stream()).toList(),
                each.stream().flatMap(one -> one.question().stream()).findFirst());
    }

    private Heard heard(String line, LineContext context) {
        Scene scene = scene(line, context);
        if (!canBeRead(scene, line)) {
            return new Heard(List.of(new Heard.Piece(line, Optional.empty(), List.of())), Optional.empty());
        }
        List<Way> whole = whole(scene);
        if (whole.isEmpty() || !counts(whole)) {
            List<Statement> others = whole.stream()
                    .filter(way -> way.said().size() == 1)
                    .map(way -> way.said().getFirst())
                    .distinct()
                    .limit(OTHERS)
                    .toList();
            Optional<String> question = whole.isEmpty() ? whichPart(scene) : Optional.empty();
            return new Heard(List.of(new Heard.Piece(line, Optional.empty(), others)), question);
        }
        List<Heard.Piece> pieces = new ArrayList<>();
        for (Span span : whole.getFirst().spans()) {
            for (int at = 0; at < span.said().size(); at++) {
                pieces.add(new Heard.Piece(
                        scene.text(span.from(), span.to()),
                        Optional.of(span.said().get(at)),
                        others(whole, span, at)));
            }
        }
        return new Heard(pieces, Optional.empty());
    }

    private static List<Statement> others(List<Way> whole, Span span, int at) {
        return whole.stream()
                .flatMap(way -> way.spans().stream())
                .filter(other -> other.from() == span.from()
                        && other.to() == span.to()
                        && other.said().size() == span.said().size())
                .map(other -> other.said().get(at))
                .filter(other -> !other.equals(span.said().get(at)))
                .distinct()
                .limit(OTHERS)
                .toList();
    }

    /** Whether the best way is good enough, and no other as good contradicts it. */
    private static boolean counts(List<Way> whole) {
        Way best = whole.getFirst();
        boolean dear =
                best.cost() > MOST + (MOST_EACH + STATEMENT) * best.said().size();
        boolean rivalled = whole.stream()
                .anyMatch(way -> !way.said().equals(best.said())
                        && way.cost() - best.cost() < CLEARLY
                        && !agree(way.said(), best.said())
                        && !(best.command() && sameWork(way.said(), best.said())));
        return !dear && !rivalled;
    }

    /** "Cover back on" where two covers are off: which of them has to be asked. */
    private Optional<String> whichPart(Scene scene) {
        for (int at = 0; at < scene.size(); at++) {
            List<String> meant = scene.offEndingWith(at);
            if (meant.size() > 1 && scene.size() > 1) {
                List<Word> words = new ArrayList<>(scene.words().subList(0, at));
                words.addAll(Words.of(meant.getFirst(), scene.vocabulary()));
                words.addAll(scene.words().subList(at + 1, scene.size()));
                boolean goesBack = ways(new Scene(words, scene.vocabulary(), scene.context())).stream()
                        .flatMap(way -> way.said().stream())
                        .anyMatch(said -> said.kind() == StatementKind.PUT_BACK);
                if (goesBack) {
                    return Optional.of("Which is back on: " + String.join(" or ", meant) + "?");
                }
            }
        }
        return Optional.empty();
    }

    /** Whether a phrase is one of a class of words here; a part is known by its name, or by ending with a noun of the trade. */
    public boolean knows(String name, String phrase, LineContext context) {
        Scene scene = scene(phrase, context);
        if (name.equals("part")) {
            return scene.hits(Slot.PART, 0).stream().anyMatch(hit -> hit.end() == scene.size() && hit.cost() <= 0);
        }
        return scene.vocabulary().at(name, scene.words(), 0).stream()
                .anyMatch(one -> one.words().size() == scene.size());
    }

    /** The ways in which a line can be read, best first, for tests and figures. */
    List<String> explain(String line, LineContext context) {
        return whole(scene(line, context)).stream()
                .limit(6)
                .map(way -> String.format(java.util.Locale.ROOT, "%.2f %s", way.cost(), way.said()))
                .toList();
    }

    /** Whether two readings contradict each other nowhere: one may say more of the same than the other. */
    private static boolean agree(List<Statement> one, List<Statement> other) {
        return one.size() == other.size()
                && IntStream.range(0, one.size()).allMatch(at -> one.get(at).agrees(other.get(at)));
    }

    /** A command says what is done: how its details are divided is shown, and no reason to keep it as a remark. */
    private static boolean sameWork(List<Statement> one, List<Statement> other) {
        return IntStream.range(0, Math.min(one.size(), other.size()))
                .allMatch(at -> one.get(at).sameOfTheSame(other.get(at)));
    }

    /** Of ways that said the same up to the same word, only the cheapest. */
    private static List<Way> cheapest(List<Way> ways) {
        Map<List<Object>, Way> best = new LinkedHashMap<>();
        for (Way way : ways) {
            best.merge(
                    List.of(way.end(), way.said()), way, (before, more) -> more.cost() < before.cost() ? more : before);
        }
        return List.copyOf(best.values());
    }

    private List<Way> ways(Scene scene) {
        Map<Integer, List<Way>> open = new HashMap<>();
        List<Way> whole = new ArrayList<>();
        int first = passed(scene, 0);
        open.put(first, new ArrayList<>(List.of(new Way(first, List.of(), List.of(), false, 0))));
        for (int at = first; at < scene.size(); at++) {
            List<Way> here = cheapest(open.getOrDefault(at, List.of())).stream()
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
        return cheapest(whole);
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
                            double cost = frame.cost()
                                    + match.cost()
                                    + STATEMENT * said.size()
                                    + evidence(frame, here)
                                    - TOLD * told(match);
                            next.add(way.and(end, new Span(way.end(), match.end(), said), frame.command(), cost));
                        }
                    }
                }
            }
        }
        chatter(here, way, next);
        again(here, way, next);
        return next;
    }

    /** Where the camera is speaks for a command, and never against it. */
    private static double evidence(Frame frame, Scene scene) {
        double against = Evidence.against(frame.kind(), scene.context());
        return frame.command() ? Math.min(0, against) : against;
    }

    /** How many things a frame told; what was only kept as it stands tells nothing. */
    private static long told(Match match) {
        return match.fields().keySet().stream()
                .filter(name -> !name.startsWith("remark"))
                .count();
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
        for (Vocabulary.Phrase phrase : scene.vocabulary().at("chatter", scene.words(), way.end())) {
            for (int end : ends(scene, way.end() + phrase.words().size())) {
                next.add(new Way(end, way.spans(), way.said(), way.command(), way.cost() + 0.05));
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
                    Statement again = last.with(field, part.value());
                    next.add(way.and(
                            end, new Span(way.end(), part.end() + 1, List.of(again)), false, part.cost() + STATEMENT));
                }
            }
        }
    }
}
