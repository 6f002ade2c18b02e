package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Words that are kept as they are: a reason, a way of doing it. Each costs a little, so that what explains them is preferred. */
final class Free {
    private static final double FIRST = 0.06;
    private static final double EACH = 0.1;
    private static final double PIECE_EACH = 0.04;
    private static final int MOST = 9;

    private Free() {}

    static List<Hit> text(Scene scene, int start) {
        return words(scene, start).stream()
                .filter(hit -> !any(scene, start, hit.end(), "doubt"))
                .toList();
    }

    static List<Hit> manner(Scene scene, int start) {
        return text(scene, start).stream()
                .filter(hit -> !any(scene, start, hit.end(), "condition"))
                .toList();
    }

    static List<Hit> words(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>();
        for (int end = start; end < scene.size() && end - start < MOST; end++) {
            if (scene.word(end).is(Word.Type.MARK)) {
                break;
            }
            int article = end > start && scene.in("article", start) ? 1 : 0;
            double cost = FIRST + EACH * (end + 1 - start - article) - 0.001 * article;
            hits.add(new Hit(end + 1, scene.typed(start, end + 1), cost));
        }
        return hits;
    }

    static List<Hit> piece(Scene scene, int start) {
        int end = start;
        while (end < scene.size() && !scene.word(end).key().matches("[,;]")) {
            end++;
        }
        return end == start ? List.of() : List.of(new Hit(end, scene.typed(start, end), kept(scene, start, end)));
    }

    /** An article in front belongs to what is kept. */
    private static double kept(Scene scene, int start, int end) {
        int article = scene.in("article", start) ? 1 : 0;
        return FIRST + PIECE_EACH * Math.min(MOST, end - start - article) - 0.001 * article;
    }

    static List<Hit> rest(Scene scene, int start) {
        int end = scene.size();
        return end <= start ? List.of() : List.of(new Hit(end, scene.typed(start, end), kept(scene, start, end)));
    }

    static List<Hit> marked(Scene scene, int start) {
        return text(scene, start).stream()
                .filter(hit -> any(scene, start, hit.end(), "mark word"))
                .map(hit -> new Hit(hit.end(), hit.value(), hit.cost() / 2))
                .toList();
    }

    static List<Hit> sure(Scene scene, int start) {
        return text(scene, start).stream()
                .filter(hit -> any(scene, start, hit.end(), "noun") || any(scene, start, hit.end(), "condition"))
                .toList();
    }

    private static boolean any(Scene scene, int from, int to, String name) {
        return IntStream.range(from, to).anyMatch(at -> scene.in(name, at));
    }
}
