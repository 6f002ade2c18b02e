package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;

/** Names of parts in a line. */
final class Parts {
    private static final int LONGEST = 5;
    private static final double UNKNOWN_WORD = 0.3;

    /** A word that everybody knows and that is none of the trade is hardly part of a name. */
    private static final double COMMON_WORD = 0.5;

    private static final double KNOWN_HERE = -0.25;

    private Parts() {}

    static List<Hit> part(Scene scene, int start) {
        return named(scene, start, false);
    }

    static List<Hit> thing(Scene scene, int start) {
        return named(scene, start, true);
    }

    private static List<Hit> named(Scene scene, int start, boolean pieces) {
        int from = start;
        while (scene.in("article", from) || scene.in("ofowner", from)) {
            from++;
        }
        List<Hit> hits = new ArrayList<>(here(scene, from));
        double cost = 0;
        for (int end = from; end < scene.size() && end - from < LONGEST; end++) {
            if (!scene.letters(end)) {
                break;
            }
            boolean head = scene.in("noun", end) && !(end > from && scene.in("never last", end));
            if (head && (pieces || end > from || !scene.in("piece", end))) {
                hits.add(new Hit(end + 1, scene.text(from, end + 1), cost));
                belonging(scene, from, end + 1, cost, hits);
            }
            if (!head && !scene.in("modifier", end)) {
                if (scene.vocabulary().knows(scene.word(end).key())) {
                    break;
                }
                cost += scene.vocabulary().common(scene.word(end).key()) ? COMMON_WORD : UNKNOWN_WORD;
            }
        }
        return hits;
    }

    /** "Teeth of the ratchet". */
    private static void belonging(Scene scene, int from, int end, double cost, List<Hit> hits) {
        if (scene.letters(end) && scene.word(end).key().equals("of")) {
            int at = end + 1;
            while (scene.in("article", at)) {
                at++;
            }
            if (scene.in("noun", at)) {
                hits.add(new Hit(at + 1, scene.text(from, end) + " of " + scene.text(at, at + 1), cost + 0.05));
            }
        }
    }

    /** Parts that are known here by this name. */
    private static List<Hit> here(Scene scene, int from) {
        return scene.named(from).stream()
                .map(name -> new Hit(from + name.words().size(), name.text(), KNOWN_HERE))
                .toList();
    }

    static List<Hit> parts(Scene scene, int start) {
        List<Hit> all = new ArrayList<>();
        List<Hit> edge = scene.hits(Slot.PART, start).stream()
                .map(hit -> new Hit(hit.end(), List.of(hit.value()), hit.cost()))
                .toList();
        while (!edge.isEmpty() && all.size() < 60) {
            all.addAll(edge);
            List<Hit> next = new ArrayList<>();
            for (Hit one : edge) {
                int at = joint(scene, one.end());
                if (at > one.end()) {
                    for (Hit more : scene.hits(Slot.PART, at)) {
                        List<Object> names = new ArrayList<>((List<?>) one.value());
                        names.add(more.value());
                        next.add(new Hit(more.end(), List.copyOf(names), one.cost() + more.cost() + 0.05));
                    }
                }
            }
            edge = next;
        }
        return all;
    }

    /** After a command that names a part: also a word that nobody knows, since every part is met for the first time once. */
    static List<Hit> unmet(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>(scene.hits(Slot.PART, start));
        scene.hits(Slot.THING, start).stream()
                .filter(thing -> hits.stream().noneMatch(part -> part.end() == thing.end()))
                .map(thing -> new Hit(thing.end(), thing.value(), thing.cost() + 0.1))
                .toList()
                .forEach(hits::add);
        for (Hit part : List.copyOf(hits)) {
            int end = part.end();
            boolean numbered = end < scene.size()
                    && scene.word(end).is(Word.Type.NUMBER)
                    && scene.word(end).key().length() < 3;
            while (end == part.end() && numbered || scene.in("which one", end)) {
                end++;
            }
            boolean last =
                    end == scene.size() || end < scene.size() && scene.word(end).is(Word.Type.MARK);
            if (end > part.end() && last) {
                hits.add(new Hit(end, part.value() + " " + scene.text(part.end(), end), part.cost()));
            }
        }
        int from = start;
        while (scene.in("article", from)) {
            from++;
        }
        if (from < scene.size()
                && scene.word(from).is(Word.Type.NUMBER)
                && scene.word(from).key().matches("\\d{3,}")) {
            int first = from;
            scene.hits(Slot.PART, from + 1).stream()
                    .map(part -> new Hit(part.end(), scene.text(first, part.end()), part.cost() + 0.1))
                    .forEach(hits::add);
        }
        for (int end = from; end < scene.size() && end - from < LONGEST && scene.letters(end); end++) {
            String word = scene.word(end).key();
            boolean unknown =
                    !scene.vocabulary().knows(word) && !scene.vocabulary().common(word);
            if (unknown) {
                hits.add(new Hit(end + 1, scene.text(from, end + 1), UNKNOWN_WORD));
            } else if (!scene.in("modifier", end) && !scene.in("noun", end)) {
                break;
            }
        }
        return hits;
    }

    static List<Hit> any(Scene scene, int start) {
        List<Hit> hits = new ArrayList<>();
        int from = start;
        while (scene.in("article", from)) {
            from++;
        }
        for (int end = from; end < scene.size() && end - from < LONGEST && scene.letters(end); end++) {
            if (scene.in("doubt", end)) {
                break;
            }
            hits.add(new Hit(end + 1, scene.text(from, end + 1), COMMON_WORD));
        }
        return hits;
    }

    private static int joint(Scene scene, int at) {
        int end = at;
        while (end < scene.size()
                && end - at < 2
                && (scene.word(end).key().equals(",")
                        || scene.word(end).key().equals("+")
                        || scene.word(end).key().equals("&")
                        || scene.word(end).key().equals("and"))) {
            end++;
        }
        return end;
    }

    static List<Hit> off(Scene scene, int start) {
        int from = start;
        while (scene.in("article", from)) {
            from++;
        }
        int at = from;
        List<Hit> hits = new ArrayList<>(scene.named(at).stream()
                .filter(Scene.Name::off)
                .map(name -> new Hit(at + name.words().size(), name.text(), KNOWN_HERE))
                .toList());
        if (hits.isEmpty()) {
            List<String> meant = scene.offEndingWith(at);
            if (meant.size() == 1) {
                hits.add(new Hit(at + 1, meant.getFirst(), 0));
            }
        }
        return hits;
    }

    static List<Hit> same(Scene scene, int start) {
        return scene.last()
                .map(last -> last.text("part"))
                .filter(part -> !part.isEmpty())
                .map(part -> List.of(new Hit(start, part, 0.05)))
                .orElse(List.of());
    }

    static List<Hit> oneOf(Scene scene, int start) {
        return thing(scene, start).stream()
                .filter(hit -> hit.value().toString().endsWith("s"))
                .map(hit -> {
                    String many = hit.value().toString();
                    return new Hit(hit.end(), many.substring(0, many.length() - 1), hit.cost());
                })
                .toList();
    }

    static List<Hit> adjuster(Scene scene, int start) {
        int from = start;
        while (scene.in("article", from)) {
            from++;
        }
        List<Hit> hits = new ArrayList<>();
        for (Vocabulary.Phrase phrase : scene.vocabulary().at("adjuster", scene.words(), from)) {
            int end = from + phrase.words().size();
            hits.add(new Hit(end, scene.text(from, end), 0));
        }
        for (Hit part : part(scene, from)) {
            boolean known = hits.stream().anyMatch(hit -> hit.end() == part.end());
            if (!known && scene.in("adjuster", part.end() - 1)) {
                hits.add(part);
            } else if (!known && scene.word(part.end() - 1).key().equals("screw")) {
                hits.add(new Hit(part.end(), part.value(), part.cost() + 0.05));
            }
        }
        return hits;
    }

    static List<Hit> donor(Scene scene, int start) {
        int at = start;
        while (scene.in("article", at)) {
            at++;
        }
        if (!scene.letters(at) || !scene.word(at).key().equals("donor")) {
            return List.of();
        }
        int end = at + 1;
        if (scene.letters(end) && scene.word(end).key().equals("body")) {
            end++;
        }
        if (end < scene.size()
                && (scene.word(end).is(Word.Type.NUMBER) || scene.word(end).is(Word.Type.WELL))) {
            end++;
        }
        return List.of(new Hit(end, scene.text(at, end), 0));
    }
}
