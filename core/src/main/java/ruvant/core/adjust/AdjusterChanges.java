package ruvant.core.adjust;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.log.ShopChanges;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Labelled;

/**
 * What a shop changed in what is known of adjusters: kinds in place of others by their id, or more of them.
 *
 * @param results at most 200
 * @param adjusters at most 200
 */
public record AdjusterChanges(List<AdjusterBook.Result> results, List<AdjusterKind> adjusters)
        implements ShopChanges<AdjusterChanges> {
    /** Nothing changed. */
    public static final AdjusterChanges NONE = new AdjusterChanges(List.of(), List.of());

    private static final int MOST = 200;

    public AdjusterChanges {
        results = Check.some("results", results, MOST);
        adjusters = Check.some("adjusters", adjusters, MOST);
    }

    @Override
    public AdjusterChanges plus(AdjusterChanges more) {
        return new AdjusterChanges(ById.merged(results, more.results), ById.merged(adjusters, more.adjusters));
    }

    /** The same without what was changed of one entry, and without results of one's own that nothing moves any more. */
    public AdjusterChanges without(String id, AdjusterBook shipped) {
        List<AdjusterKind> left = ById.without(adjusters, id);
        Set<String> moved = ById.merged(shipped.adjusters(), left).stream()
                .flatMap(kind -> kind.moves().stream())
                .map(moves -> moves.result().id())
                .collect(Collectors.toSet());
        return new AdjusterChanges(
                ById.without(results, id).stream()
                        .filter(one -> moved.contains(one.id())
                                || ById.find(shipped.results(), one.id()).isPresent())
                        .toList(),
                left);
    }

    @Override
    public List<String> ids() {
        return ById.ids(results, adjusters);
    }

    @Override
    public List<String> labels() {
        return Labelled.all(results, adjusters);
    }

    /**
     * The book with these changes.
     *
     * @throws FieldProblem where it would have gaps then, in words
     */
    public AdjusterBook in(AdjusterBook shipped) {
        AdjusterBook changed = new AdjusterBook(
                shipped.version(),
                ById.merged(shipped.results(), results),
                ById.merged(shipped.adjusters(), adjusters));
        List<String> problems = changed.problems();
        if (!problems.isEmpty()) {
            throw new FieldProblem(
                    "adjuster",
                    problems.getFirst(),
                    "Choose at least one result the adjuster moves, and say in a line what it does.");
        }
        return changed;
    }
}
