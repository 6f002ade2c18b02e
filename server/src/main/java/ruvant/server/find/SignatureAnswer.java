package ruvant.server.find;

import java.util.List;
import ruvant.core.signature.Ranking;

/**
 * What speeds say about the mechanism: evidence, not a diagnosis by itself.
 *
 * @param sentence what was seen
 * @param causes the likeliest first
 * @param worthNaming how many of them tell most of the odds
 * @param settled whether more firings would hardly change it
 * @param toTellApart what would tell the first two apart
 */
record SignatureAnswer(
        String sentence, List<LikelyCause> causes, int worthNaming, boolean settled, String toTellApart) {
    /**
     * A possible cause.
     *
     * @param probability by the speeds alone, 0 to 1
     * @param shows how it usually shows
     * @param why what speaks for it and against it here
     */
    record LikelyCause(String id, String name, double probability, String shows, String why) {}

    static SignatureAnswer of(Ranking ranking) {
        return new SignatureAnswer(
                ranking.sentence(),
                ranking.causes().stream()
                        .map(one -> new LikelyCause(
                                one.cause().id(),
                                one.cause().words(),
                                one.probability(),
                                one.cause().shows(),
                                one.why()))
                        .toList(),
                ranking.worthNaming().size(),
                ranking.settled(),
                ranking.toTellApart());
    }
}
