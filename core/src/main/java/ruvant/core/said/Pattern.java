package ruvant.core.said;

import java.util.ArrayList;
import java.util.List;

/** A piece of a frame: what has to stand at a place of a line, and what is taken from it. */
sealed interface Pattern {
    /** Words that may always be passed over, and what each costs. */
    double EMPTY = 0.08;

    /** Every way in which it fits at a place. */
    List<Match> at(Scene scene, int start);

    /** One word, as it is. */
    record Literal(String word) implements Pattern {
        @Override
        public List<Match> at(Scene scene, int start) {
            return start < scene.size() && scene.word(start).key().equals(word)
                    ? List.of(Match.empty(start + 1))
                    : List.of();
        }
    }

    /** A phrase of a class of words. */
    record OfClass(String name, String field) implements Pattern {
        @Override
        public List<Match> at(Scene scene, int start) {
            List<Match> all = new ArrayList<>();
            for (Vocabulary.Phrase phrase : scene.vocabulary().at(name, scene.words(), start)) {
                int end = start + phrase.words().size();
                Match bare = Match.empty(end);
                all.add(
                        field.isEmpty()
                                ? bare
                                : bare.with(field, phrase.value().isEmpty() ? scene.text(start, end) : phrase.value()));
            }
            return all;
        }
    }

    /** Something that is more than words of a class: a number, a part, a fastener. */
    record Taken(Slot slot, String field) implements Pattern {
        @Override
        public List<Match> at(Scene scene, int start) {
            List<Match> all = new ArrayList<>();
            for (Hit hit : scene.hits(slot, start)) {
                Match bare = new Match(hit.end(), java.util.Map.of(), hit.cost());
                all.add(field.isEmpty() ? bare : bare.with(field, hit.value()));
            }
            return all;
        }
    }

    /** Marks and words between statements; at least one. */
    record Break() implements Pattern {
        @Override
        public List<Match> at(Scene scene, int start) {
            int end = start;
            while (end < scene.size()
                    && (scene.word(end).is(Word.Type.MARK)
                                    && !scene.word(end).key().equals("?")
                            || scene.in("break", end))) {
                end++;
            }
            return end == start ? List.of() : List.of(Match.empty(end));
        }
    }

    /** One after the other, with words between them that say nothing. */
    record Sequence(List<Pattern> parts) implements Pattern {
        public Sequence {
            parts = List.copyOf(parts);
        }

        @Override
        public List<Match> at(Scene scene, int start) {
            List<Match> so = List.of(Match.empty(start));
            for (Pattern part : parts) {
                List<Match> next = new ArrayList<>();
                for (Match one : so) {
                    for (Match skipped : passing(scene, one)) {
                        part.at(scene, skipped.end()).forEach(match -> next.add(skipped.then(match)));
                    }
                }
                if (next.isEmpty()) {
                    return List.of();
                }
                so = Match.cheapest(next);
            }
            return so;
        }

        private static List<Match> passing(Scene scene, Match so) {
            List<Match> all = new ArrayList<>(List.of(so));
            Match at = so;
            while (scene.in("empty word", at.end()) || scene.in("article", at.end())) {
                double cost = scene.in("article", at.end()) ? 0 : EMPTY;
                at = new Match(at.end() + 1, at.fields(), at.cost() + cost);
                all.add(at);
            }
            return all;
        }
    }

    /** One of several. */
    record Either(List<Pattern> ways) implements Pattern {
        public Either {
            ways = List.copyOf(ways);
        }

        @Override
        public List<Match> at(Scene scene, int start) {
            List<Match> all = new ArrayList<>();
            for (Pattern way : ways) {
                all.addAll(way.at(scene, start));
            }
            return all;
        }
    }

    /** All the words that something else took, kept as they stand. */
    record Captured(Pattern what, String field) implements Pattern {
        @Override
        public List<Match> at(Scene scene, int start) {
            return what.at(scene, start).stream()
                    .filter(match -> match.end() > start)
                    .map(match -> match.with(field, scene.text(begin(scene, start), match.end())))
                    .toList();
        }
    }

    /** Where something begins that is named with "the" or "a" before it. */
    private static int begin(Scene scene, int start) {
        int at = start;
        while (scene.in("article", at)) {
            at++;
        }
        return at;
    }

    /** There or not. */
    record Perhaps(Pattern what) implements Pattern {
        @Override
        public List<Match> at(Scene scene, int start) {
            List<Match> all = new ArrayList<>(what.at(scene, start));
            all.add(Match.empty(start));
            return all;
        }
    }

    /** Any number of times, none among them. */
    record Many(Pattern what) implements Pattern {
        private static final int MOST = 12;

        @Override
        public List<Match> at(Scene scene, int start) {
            List<Match> all = new ArrayList<>(List.of(Match.empty(start)));
            List<Match> edge = all;
            for (int times = 0; times < MOST && !edge.isEmpty(); times++) {
                List<Match> next = new ArrayList<>();
                for (Match one : edge) {
                    for (Match more : what.at(scene, one.end())) {
                        if (more.end() > one.end()) {
                            next.add(one.then(more));
                        }
                    }
                }
                next = Match.cheapest(next);
                all = new ArrayList<>(all);
                all.addAll(next);
                edge = next;
            }
            return Match.cheapest(all);
        }
    }
}
