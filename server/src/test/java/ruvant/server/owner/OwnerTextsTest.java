package ruvant.server.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.handover.Says;

class OwnerTextsTest {
    @ParameterizedTest
    @EnumSource(Says.class)
    void everyLineOfASheetHasItsText(Says says) {
        assertThat(OwnerTexts.ENGLISH.say("line." + says.key(), "one", "two", "three"))
                .contains("one");
    }

    /** A text that no format can read would only be found when a customer is to be told. */
    @Test
    void everyTextCanBeSaid() {
        List<String> left = new ArrayList<>();
        for (String key : OwnerTexts.ENGLISH.keys()) {
            String said = OwnerTexts.ENGLISH.say(key, "a", "b", "c", "d", "e", "f");
            if (said.isBlank() || said.matches(".*\\{\\d.*")) {
                left.add(key);
            }
        }
        assertThat(left).isEmpty();
    }

    @Test
    void aTextThatIsNotThereIsNotMadeUp() {
        assertThatThrownBy(() -> OwnerTexts.ENGLISH.say("letter.nothing")).isInstanceOf(IllegalArgumentException.class);
    }
}
