package ruvant.core.prove;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;

/** A guess that was measured afterwards. */
public record EarTried(Instant at, String by, String speed, double guessedEv, double measuredEv) {
    /** All of a job, in the order said. */
    public static List<EarTried> of(IntakeEntry.Received received, ProvePicture proofs, HousePractice practice) {
        return SpeedTable.of(received, proofs.ofTheCamera(), practice).stream()
                .flatMap(EarTried::ofSpeed)
                .sorted((one, other) -> one.at().compareTo(other.at()))
                .toList();
    }

    private static Stream<EarTried> ofSpeed(SpeedRow row) {
        return row.guesses().stream()
                .flatMap(guess -> guess
                        .measuredEv()
                        .map(measured -> new EarTried(guess.at(), guess.by(), row.speed(), guess.errorEv(), measured))
                        .stream());
    }
}
