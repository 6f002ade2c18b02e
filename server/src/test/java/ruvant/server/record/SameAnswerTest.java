package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/** What holds older answers against those of today must itself tell same from different. */
class SameAnswerTest {
    private static List<String> differences(String then, String now) {
        ObjectMapper json = JsonMapper.builderWithJackson2Defaults().build();
        List<String> differences = new ArrayList<>();
        try {
            SameAnswer.compare("", json.readTree(then), json.readTree(now), differences);
        } catch (JacksonException slip) {
            throw new AssertionError(slip);
        }
        return differences;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"a\":1} | {\"a\":1,\"b\":2}",
                "{\"a\":1} | {\"a\":1.0000000000001}",
                "{\"what\":\"slow train\"} | {\"what\":{\"id\":\"slow-train\",\"words\":\"gummed train\"}}",
                "{\"text\":\"dent\"} | {\"what\":\"dent\"}",
                "{\"at\":\"2031-03-04T09:00:00.1234567Z\"} | {\"at\":\"2031-03-04T09:00:00.123Z\"}",
                "{\"now\":\"2031-03-04T09:00:00Z\"} | {\"now\":\"2032-03-04T09:00:00Z\"}",
                "{\"removedBy\":\"Ada\",\"depth\":2} | {\"off\":{\"by\":\"Ada\"},\"place\":{\"depth\":2}}",
                "{\"kind\":\"train\",\"times\":1} | {\"kind\":{\"id\":\"train\",\"label\":\"trains\"},\"put\":{\"times\":1}}"
            })
    void whatIsTheSameIsSaidToBeTheSame(String then, String now) {
        assertThat(differences(then, now)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "{\"a\":1} | {\"b\":1} | /a: gone",
                "{\"a\":1} | {\"a\":1.001} | /a: 1.001, was 1",
                "{\"a\":[1,2]} | {\"a\":[1]} | /a: 1 of 2",
                "{\"a\":[1,2]} | {\"a\":[1,3]} | /a/1: 3, was 2",
                "{\"a\":\"x\"} | {\"a\":\"y\"} | /a: \"y\", was \"x\"",
                "{\"a\":null} | {\"a\":\"y\"} | /a: \"y\", was null",
                "{\"what\":\"slow train\"} | {\"what\":{\"id\":\"other\",\"words\":\"other\"}} | /what: ",
                "{\"removedBy\":\"Ada\"} | {\"off\":{\"by\":\"Ben\"}} | /removedBy: \"Ben\", was \"Ada\"",
                "{\"at\":\"2031-03-04T09:00:00Z\"} | {\"at\":\"2031-03-04T09:00:01Z\"} | /at: ",
                "{\"kind\":\"train\"} | {\"kind\":{\"id\":\"cam\",\"label\":\"train\"}} | /kind/id: "
            })
    void whatDiffersIsNamedByItsPlace(String then, String now, String says) {
        assertThat(differences(then, now)).singleElement().asString().startsWith(says);
    }

    @Test
    void everyDifferenceIsNamedAndNotTheFirstAlone() {
        assertThat(differences("{\"a\":1,\"b\":{\"c\":[true,false]}}", "{\"a\":2,\"b\":{\"c\":[false,false]}}"))
                .hasSize(2);
    }
}
