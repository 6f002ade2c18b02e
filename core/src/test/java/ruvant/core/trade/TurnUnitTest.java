package ruvant.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TurnUnitTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "EIGHTHS | 0.125 | 1/8 turn",
                "EIGHTHS | 0.1875 | 3/16 turn",
                "EIGHTHS | 0.0625 | 1/16 turn",
                "EIGHTHS | 1.25 | 1 2/8 turns",
                "QUARTERS | 0.3125 | 5/16 turn",
                "SIXTEENTHS | 1 | 1 turn",
                "SIXTEENTHS | 0.015625 | 1/64 turn",
                "EIGHTHS | 0.1 | 0.10 turn",
                "DEGREES | 0.0833333333 | 30°",
                "TEETH | 1 | 1 tooth",
                "TEETH | 1.5 | 1.50 teeth",
                "DETENTS | 3 | 3 detents"
            })
    void isToldExactlyInTheStepThatPeopleUse(TurnUnit unit, double amount, String words) {
        assertThat(unit.words(amount)).isEqualTo(words);
    }

    @Test
    void anEighthAndASixteenthAreThreeSixteenths() {
        assertThat(TurnUnit.EIGHTHS.signed(1.0 / 8 + 1.0 / 16)).isEqualTo("3/16 turn in");
        assertThat(TurnUnit.EIGHTHS.signed(1.0 / 16 - 1.0 / 8)).isEqualTo("1/16 turn out");
    }

    @Test
    void onlyWhatIsBackWhereItWasIsAsFound() {
        Random random = new Random(3);
        double sum = 0;
        for (int i = 0; i < 200; i++) {
            double by = (random.nextInt(33) - 16) / 16.0;
            sum += by;
            assertThat(TurnUnit.SIXTEENTHS.signed(sum).equals("as found")).isEqualTo(sum == 0);
        }
        assertThat(TurnUnit.QUARTERS.signed(sum - sum)).isEqualTo("as found");
    }
}
