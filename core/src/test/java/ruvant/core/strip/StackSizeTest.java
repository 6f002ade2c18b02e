package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StackSizeTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            shim 0.05 mm / brass washer 0,3mm           | 2 pieces, 0.35 mm together
            2 × shim 0.05 mm / washer 1 mm              | 3 pieces, 1.10 mm together
            3 x shim .1 mm                              | 3 pieces, 0.30 mm together
            shim / washer 0.3 mm                        | 2 pieces
            washer 8 mm wide 0.3 mm thick / shim 0.1 mm | 2 pieces
            hook up                                     | 1 piece
            """)
    void theTotalIsSaidOnlyWhereEveryPieceNamesOneThickness(String stack, String words) {
        assertThat(StackSize.words(List.of(stack.split(" / ")))).isEqualTo(words);
    }
}
