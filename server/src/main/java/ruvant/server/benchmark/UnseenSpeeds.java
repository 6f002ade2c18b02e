package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import ruvant.core.practice.unseen.shutter.Fired;
import ruvant.core.practice.unseen.shutter.UnseenShutter;
import ruvant.core.signature.CurtainTravel;
import ruvant.core.signature.Ranking;
import ruvant.core.signature.ShutterKind;
import ruvant.core.signature.Signatures;
import ruvant.core.signature.SpeedFirings;

/** How the speeds of shutters are judged that nothing was chosen by. */
final class UnseenSpeeds {
    private UnseenSpeeds() {}

    /**
     * One shutter's answer.
     *
     * @param place of the true cause, 0 for first
     */
    record Answer(UnseenShutter shutter, Ranking ranking, int place) {
        /** How likely the first cause is said to be. */
        double said() {
            return ranking.causes().getFirst().probability();
        }
    }

    /** Judges so many shutters of every second seed. */
    static List<Answer> over(ShutterKind kind, boolean wholly, long from, int count) {
        return LongStream.range(0, count)
                .mapToObj(i -> answer(UnseenShutter.of(kind.key(), wholly, from + 2 * i)))
                .toList();
    }

    private static Answer answer(UnseenShutter shutter) {
        Ranking ranking = Signatures.rank(
                ShutterKind.ofKey(shutter.kind()).orElseThrow(),
                shutter.speeds().stream().map(UnseenSpeeds::firings).toList(),
                new CurtainTravel(shutter.leadingLog2(), shutter.trailingLog2()));
        int place = IntStream.range(0, ranking.causes().size())
                .filter(i -> ranking.causes().get(i).cause().id().equals(shutter.cause()))
                .findFirst()
                .orElseThrow();
        return new Answer(shutter, ranking, place);
    }

    private static SpeedFirings firings(Fired fired) {
        List<List<Double>> errors = new ArrayList<>();
        for (int k = 0; k < fired.places().size(); k++) {
            int place = k;
            errors.add(fired.seconds().stream()
                    .map(seconds -> error(seconds[place], fired.nominalSeconds()))
                    .toList());
        }
        List<Double> down = fired.lensDown().stream()
                .map(seconds -> Arrays.stream(seconds)
                        .map(one -> error(one, fired.nominalSeconds()))
                        .average()
                        .orElseThrow())
                .toList();
        return new SpeedFirings(
                "1/" + Math.round(1 / fired.nominalSeconds()),
                fired.nominalSeconds(),
                fired.places(),
                errors,
                down,
                fired.rested());
    }

    private static double error(double seconds, double nominal) {
        return seconds <= 0 ? -6 : Math.max(-6, Math.log(seconds / nominal) / Math.log(2));
    }
}
