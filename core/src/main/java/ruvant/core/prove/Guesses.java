package ruvant.core.prove;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.StatUtils;
import ruvant.core.measure.DialSpeed;
import ruvant.core.trade.Attitude;
import ruvant.core.units.ExposureEv;

/** What ears made of a speed, beside what was measured after that. */
final class Guesses {
    private Guesses() {}

    static List<SpeedRow.Guessed> of(DialSpeed speed, ProvePicture proofs) {
        List<ProvePicture.EarGuess> said = proofs.guesses().stream()
                .filter(guess -> guess.speed().equals(speed.words()))
                .toList();
        List<SpeedRow.Guessed> guessed = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            ProvePicture.EarGuess guess = said.get(i);
            int until = said.stream()
                    .skip(i + 1L)
                    .filter(later -> later.phase() == guess.phase())
                    .mapToInt(ProvePicture.EarGuess::runsBefore)
                    .findFirst()
                    .orElse(proofs.timed().size());
            guessed.add(new SpeedRow.Guessed(
                    guess.at(),
                    guess.by(),
                    guess.phase(),
                    guess.said(),
                    guess.errorEv(),
                    measured(speed, guess, proofs.timed().subList(guess.runsBefore(), until))));
        }
        Collections.reverse(guessed);
        return guessed;
    }

    private static Optional<Double> measured(
            DialSpeed speed, ProvePicture.EarGuess guess, List<ProvePicture.Timed> runs) {
        double[] errors = runs.stream()
                .filter(run -> run.speed().equals(guess.speed())
                        && run.how().phase() == guess.phase()
                        && run.how().attitude() == Attitude.LEVEL)
                .flatMap(run -> run.seconds().stream())
                .mapToDouble(one -> ExposureEv.of(one, speed.nominalSeconds()).value())
                .toArray();
        return errors.length == 0 ? Optional.empty() : Optional.of(StatUtils.mean(errors));
    }
}
