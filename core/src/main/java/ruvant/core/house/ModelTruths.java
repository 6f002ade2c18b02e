package ruvant.core.house;

import java.util.List;
import ruvant.core.log.ShopChanges;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.Labelled;

/** All that was said to be true of models without a job. */
public record ModelTruths(List<ModelTruth> truths) implements ShopChanges<ModelTruths> {
    /** Nothing said yet. */
    public static final ModelTruths NONE = new ModelTruths(List.of());

    private static final int MOST = 2_000;

    public ModelTruths {
        truths = Check.some("truths", truths, MOST);
    }

    @Override
    public ModelTruths plus(ModelTruths more) {
        return new ModelTruths(ById.merged(truths, more.truths));
    }

    /** The same without one of them. */
    public ModelTruths without(String id) {
        return new ModelTruths(ById.without(truths, id));
    }

    @Override
    public List<String> ids() {
        return ById.ids(truths);
    }

    @Override
    public List<String> labels() {
        return Labelled.all(truths);
    }

    /** What is said of one model. */
    public List<ModelTruth> of(String maker, String model) {
        return truths.stream().filter(one -> one.isOf(maker, model)).toList();
    }
}
