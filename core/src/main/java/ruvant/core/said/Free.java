package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Words that are kept as they are: a reason, a way of doing it. Each costs a little, so that what explains them is preferred. */
final class Free {
    private static final double FIRST = 0.06;
    private static final double EACH = 0.1;
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
            hits.add(new Hit(end + 1, scene.text(start, end + 1), FIRST + EACH * (end + 1 - start)));
        }
        return hits;
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
