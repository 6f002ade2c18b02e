package ruvant.core.house;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.log.ShopChanges;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;

/** What a shop changed in the lists of the trade. */
public record ListChanges(
        List<TradeLists.WordList> words,
        List<TradeLists.Functions> functions,
        List<TradeLists.MeterCell> cells,
        List<TradeLists.Rung> rungs,
        List<TradeLists.Noun> nouns)
        implements ShopChanges<ListChanges> {
    /** Nothing changed. */
    public static final ListChanges NONE = new ListChanges(List.of(), List.of(), List.of(), List.of(), List.of());

    private static final int MOST = 200;

    public ListChanges {
        words = named("list", words);
        functions = named("functions", functions);
        cells = named("cell", cells);
        rungs = named("rung", rungs);
        nouns = named("noun", nouns);
    }

    private static <T extends Identified & Labelled> List<T> named(String field, List<T> all) {
        List<T> some = Check.some(field, all, MOST);
        some.forEach(one -> {
            Check.name(field, one.id());
            Check.name(field, one.label());
        });
        return some;
    }

    @Override
    public ListChanges plus(ListChanges more) {
        return new ListChanges(
                ById.merged(words, more.words),
                ById.merged(functions, more.functions),
                ById.merged(cells, more.cells),
                ById.merged(rungs, more.rungs),
                ById.merged(nouns, more.nouns));
    }

    /** The same without what was changed of one entry. */
    public ListChanges without(String id) {
        return new ListChanges(
                ById.without(words, id),
                ById.without(functions, id),
                ById.without(cells, id),
                ById.without(rungs, id),
                ById.without(nouns, id));
    }

    @Override
    public List<String> ids() {
        return ById.ids(words, functions, cells, rungs, nouns);
    }

    @Override
    public List<String> labels() {
        return Labelled.all(words, functions, cells, rungs, nouns);
    }

    /**
     * The lists with these changes. Another rung of the shop's own goes before those that cannot be undone.
     *
     * @throws FieldProblem where they would not be sound, saying what is wrong
     */
    public TradeLists in(TradeLists shipped) {
        TradeLists changed = new TradeLists(
                shipped.version(),
                ById.merged(shipped.words(), words),
                ById.merged(shipped.functions(), functions),
                ById.merged(shipped.cells(), cells),
                boldestLast(ById.merged(shipped.rungs(), rungs)),
                ById.merged(shipped.nouns(), nouns));
        List<String> problems = changed.problems();
        if (!problems.isEmpty()) {
            throw new FieldProblem("lists", problems.getFirst(), "Correct that first.");
        }
        return changed;
    }

    private static List<TradeLists.Rung> boldestLast(List<TradeLists.Rung> rungs) {
        return Stream.concat(
                        rungs.stream().filter(one -> !one.irreversible()),
                        rungs.stream().filter(TradeLists.Rung::irreversible))
                .toList();
    }
}
