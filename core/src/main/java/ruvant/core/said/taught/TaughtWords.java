package ruvant.core.said.taught;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import ruvant.core.log.ShopChanges;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.Labelled;

/** All words that a shop's people taught. */
public record TaughtWords(List<TaughtWord> words) implements ShopChanges<TaughtWords> {
    /** None yet. */
    public static final TaughtWords NONE = new TaughtWords(List.of());

    /** More than anybody remembers having taught. */
    private static final int MOST = 2_000;

    public TaughtWords {
        words = Check.some("words", words, MOST);
    }

    @Override
    public TaughtWords plus(TaughtWords more) {
        return new TaughtWords(ById.merged(words, more.words));
    }

    /** The same without one of them. */
    public TaughtWords without(String id) {
        return new TaughtWords(ById.without(words, id));
    }

    @Override
    public List<String> ids() {
        return ById.ids(words);
    }

    @Override
    public List<String> labels() {
        return Labelled.all(words);
    }

    /** Phrases by the class of words that they join. */
    public Map<String, List<String>> byClass() {
        return new HashMap<>(words.stream()
                .collect(Collectors.groupingBy(
                        one -> one.as().words(), Collectors.mapping(TaughtWord::phrase, Collectors.toList()))));
    }
}
