package ruvant.core.house;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import ruvant.core.log.ShopChanges;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/** What a shop changed in the lists of the trade. */
public record ListChanges(
        List<TradeLists.WordList> words,
        List<TradeLists.Functions> functions,
        List<TradeLists.MeterCell> cells,
        List<TradeLists.Rung> rungs)
        implements ShopChanges<ListChanges> {
    /** Nothing changed. */
    public static final ListChanges NONE = new ListChanges(List.of(), List.of(), List.of(), List.of());

    private static final int MOST = 200;

    public ListChanges {
        words = named("list", words, TradeLists.WordList::id, TradeLists.WordList::label);
        functions = named("functions", functions, TradeLists.Functions::id, TradeLists.Functions::label);
        cells = named("cell", cells, TradeLists.MeterCell::id, TradeLists.MeterCell::label);
        rungs = named("rung", rungs, TradeLists.Rung::id, TradeLists.Rung::label);
    }

    private static <T> List<T> named(String field, List<T> all, Function<T, String> id, Function<T, String> label) {
        List<T> some = Check.some(field, all, MOST);
        some.forEach(one -> {
            Check.name(field, id.apply(one));
            Check.name(field, label.apply(one));
        });
        return some;
    }

    @Override
    public ListChanges plus(ListChanges more) {
        return new ListChanges(
                ById.merged(words, more.words, TradeLists.WordList::id),
                ById.merged(functions, more.functions, TradeLists.Functions::id),
                ById.merged(cells, more.cells, TradeLists.MeterCell::id),
                ById.merged(rungs, more.rungs, TradeLists.Rung::id));
    }

    /** The same without what was changed of one entry. */
    public ListChanges without(String id) {
        return new ListChanges(
                words.stream().filter(one -> !one.id().equals(id)).toList(),
                functions.stream().filter(one -> !one.id().equals(id)).toList(),
                cells.stream().filter(one -> !one.id().equals(id)).toList(),
                rungs.stream().filter(one -> !one.id().equals(id)).toList());
    }

    @Override
    public List<String> ids() {
        return all(TradeLists.WordList::id, TradeLists.Functions::id, TradeLists.MeterCell::id, TradeLists.Rung::id);
    }

    /** What was changed or added, in words. */
    public List<String> labels() {
        return all(
                TradeLists.WordList::label,
                TradeLists.Functions::label,
                TradeLists.MeterCell::label,
                TradeLists.Rung::label);
    }

    private List<String> all(
            Function<TradeLists.WordList, String> ofWords,
            Function<TradeLists.Functions, String> ofFunctions,
            Function<TradeLists.MeterCell, String> ofCells,
            Function<TradeLists.Rung, String> ofRungs) {
        return Stream.of(
                        words.stream().map(ofWords),
                        functions.stream().map(ofFunctions),
                        cells.stream().map(ofCells),
                        rungs.stream().map(ofRungs))
                .flatMap(one -> one)
                .toList();
    }

    /**
     * The lists with these changes. Another rung of the shop's own goes before those that cannot be undone.
     *
     * @throws FieldProblem where they would not be sound, saying what is wrong
     */
    public TradeLists in(TradeLists shipped) {
        TradeLists changed = new TradeLists(
                shipped.version(),
                ById.merged(shipped.words(), words, TradeLists.WordList::id),
                ById.merged(shipped.functions(), functions, TradeLists.Functions::id),
                ById.merged(shipped.cells(), cells, TradeLists.MeterCell::id),
                boldestLast(ById.merged(shipped.rungs(), rungs, TradeLists.Rung::id)),
                shipped.nouns());
        List<String> problems = changed.problems();
        if (!problems.isEmpty()) {
            throw new FieldProblem("lists", problems.getFirst(), "Put that right first.");
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
