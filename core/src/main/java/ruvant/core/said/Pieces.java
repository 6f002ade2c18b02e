package ruvant.core.said;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** Fasteners and loose pieces, each with the words that stand beside it. */
final class Pieces {
    /** What makes a fastener of a number; where it sits alone does not. */
    private static final Set<String> TELLING = Set.of("head", "size", "colour", "diameterMm", "lengthMm", "leftHand");

    private static final double END_OF_NAME = 0.15;

    private Pieces() {}

    /** "2 tiny grub screws", "4 slot 1.2x2.6", "only 2 of its 3 screws", "brass nut with two holes". */
    static List<Hit> fastener(Scene scene, int start) {
        Map<String, Object> fields = new LinkedHashMap<>();
        int at = count(scene, start, fields);
        boolean counted = at > start;
        boolean named = false;
        boolean single = false;
        List<Hit> hits = new ArrayList<>();
        for (int next = next(scene, at, fields); next > at; next = next(scene, at, fields)) {
            named |= scene.in("fastener", at) || scene.in("fastener word", at) || fields.containsKey("holds");
            single |= IntStream.range(at, next).anyMatch(word -> scene.in("one fastener", word));
            at = next;
            boolean told = counted ? fields.keySet().stream().anyMatch(TELLING::contains) : fields.containsKey("head");
            if (named || told) {
                Map<String, Object> taken = new LinkedHashMap<>(fields);
                if (!counted && single) {
                    taken.put("count", 1.0);
                }
                hits.add(new Hit(at, Map.copyOf(taken), counted ? 0 : 0.1));
            }
        }
        return hits;
    }

    private static int next(Scene scene, int at, Map<String, Object> fields) {
        return at < scene.size() ? word(scene, at, fields) : at;
    }

    private static int count(Scene scene, int start, Map<String, Object> fields) {
        int at = start;
        while (scene.letters(at)
                && List.of("only", "just", "the", "its", "all", "plus")
                        .contains(scene.word(at).key())) {
            at++;
        }
        List<Hit> counts = Figures.count(scene, at);
        if (counts.isEmpty()) {
            return start;
        }
        fields.put("count", counts.getFirst().value());
        at = counts.getFirst().end();
        if (scene.letters(at) && scene.word(at).key().equals("of")) {
            int of = at + 1;
            while (scene.letters(of)
                    && List.of("the", "its").contains(scene.word(of).key())) {
                of++;
            }
            List<Hit> group = Figures.count(scene, of);
            if (!group.isEmpty()) {
                fields.put("of", group.getFirst().value());
                at = group.getFirst().end();
            }
        }
        return at;
    }

    /** Takes one more word or figure of a fastener; stays where there is none. */
    private static int word(Scene scene, int at, Map<String, Object> fields) {
        Word word = scene.word(at);
        if (word.is(Word.Type.DIMENSION)) {
            String[] parts = word.key().split("x");
            fields.put("diameterMm", Double.valueOf(parts[0].replace(',', '.')));
            if (parts.length > 1) {
                fields.put("lengthMm", Double.valueOf(parts[1].replace(',', '.')));
            }
            boolean unit = scene.letters(at + 1) && scene.word(at + 1).key().equals("mm");
            return unit ? at + 2 : at + 1;
        }
        if (word.key().equals("very") && scene.in("shop trait", at + 1)) {
            return at + 1;
        }
        if (word.is(Word.Type.NUMBER)
                && scene.letters(at + 1)
                && scene.word(at + 1).key().equals("mm")) {
            fields.put("lengthMm", word.value());
            return at + 2;
        }
        int own = shopsOwn(scene, at, fields);
        if (own > at) {
            return own;
        }
        for (String field : List.of("head", "size", "colour")) {
            List<Vocabulary.Phrase> phrases = scene.vocabulary().at(field, scene.words(), at);
            if (!phrases.isEmpty()) {
                Vocabulary.Phrase phrase = phrases.getFirst();
                int end = at + phrase.words().size();
                boolean keeps = field.equals("head")
                        && fields.containsKey("head")
                        && !phrase.value().equals("pinFace");
                if (!keeps) {
                    fields.put(field, phrase.value().isEmpty() ? scene.text(at, end) : phrase.value());
                }
                return end;
            }
        }
        List<Vocabulary.Phrase> left = scene.vocabulary().at("left hand", scene.words(), at);
        if (!left.isEmpty()) {
            fields.put("leftHand", true);
            return at + left.getFirst().words().size();
        }
        List<Vocabulary.Phrase> where = scene.vocabulary().at("where", scene.words(), at);
        if (!where.isEmpty()) {
            int end = at + where.getFirst().words().size();
            fields.put("where", scene.text(at, end).replaceAll("\\b(the|its) ", ""));
            return end;
        }
        if (scene.in("hidden", at)) {
            fields.put("hidden", true);
            return at + 1;
        }
        return scene.in("fastener", at) || fields.containsKey("count") && scene.in("fastener word", at) ? at + 1 : at;
    }

    /** Words that the lists of the shop hold for fasteners: what drives it, its head, what it is, what else to know of it. */
    private static int shopsOwn(Scene scene, int at, Map<String, Object> fields) {
        int end = at;
        for (String field : List.of("drive", "form", "holds", "trait")) {
            for (Vocabulary.Phrase phrase : scene.vocabulary().at("shop " + field, scene.words(), at)) {
                Object said = phrase.value();
                if (field.equals("trait")) {
                    List<Object> traits =
                            new ArrayList<>(fields.get(field) instanceof List<?> before ? before : List.of());
                    traits.add(said);
                    said = List.copyOf(traits);
                }
                fields.put(field, said);
                end = Math.max(end, at + phrase.words().size());
                break;
            }
        }
        // "slot" is a drive of the shop's lists and a head of the shipped words
        List<Vocabulary.Phrase> heads = end > at ? scene.vocabulary().at("head", scene.words(), at) : List.of();
        if (!heads.isEmpty() && !heads.getFirst().value().isEmpty()) {
            fields.putIfAbsent("head", heads.getFirst().value());
            end = Math.max(end, at + heads.getFirst().words().size());
        }
        return end;
    }

    /** "Ball under it", "loose rollers", "star washer". */
    static List<Hit> loose(Scene scene, int start) {
        int at = start;
        Map<String, Object> fields = new LinkedHashMap<>();
        List<Hit> counts = Figures.count(scene, at);
        if (!counts.isEmpty()) {
            fields.put("count", counts.getFirst().value());
            at = counts.getFirst().end();
        }
        // right after the name of a part, it is more likely the end of that name
        double cost = counts.isEmpty() && scene.letters(start - 1) && !scene.in("held by", start - 1) ? END_OF_NAME : 0;
        while (scene.letters(at)
                && List.of("loose", "little").contains(scene.word(at).key())) {
            at++;
        }
        int from = at;
        List<Hit> hits = new ArrayList<>();
        while (scene.in("modifier", at)
                || scene.in("size", at)
                || scene.in("colour", at)
                || scene.in("loose noun", at)) {
            if (scene.in("loose noun", at)) {
                Map<String, Object> one = new LinkedHashMap<>(fields);
                one.put("what", scene.text(from, at + 1));
                if (!scene.word(at).key().endsWith("s")) {
                    one.putIfAbsent("count", 1.0);
                }
                hits.add(new Hit(at + 1, Map.copyOf(one), cost));
            }
            at++;
        }
        return hits;
    }
}
