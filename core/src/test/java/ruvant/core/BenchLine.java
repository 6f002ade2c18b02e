package ruvant.core;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.logline.LogLine;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.said.ShippedWords;
import ruvant.core.said.taught.TaughtWords;

/** The line at the foot of a camera with the words that ship, where nothing stands against what it says. */
public final class BenchLine {
    private BenchLine() {}

    /** Nothing is known from earlier jobs. */
    public static LogLine of(JobPicture picture, Shop shop) {
        return of(picture, shop, () -> ModelKnowledge.of(List.of()));
    }

    /** With what earlier jobs taught. */
    public static LogLine of(JobPicture picture, Shop shop, Supplier<ModelKnowledge> earlier) {
        return new LogLine(picture, shop, ShippedWords.BENCH, earlier, TaughtWords.NONE, entries -> Optional.empty());
    }
}
