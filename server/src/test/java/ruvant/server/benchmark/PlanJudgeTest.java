package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A check that cannot fail is none: each rule is broken once by hand. */
class PlanJudgeTest {
    private static final String HEAD = "task,start,end,technician\n";
    private static final String GOOD = HEAD + "a,10,30,Ina\nb,30,80,\nc,85,95,Ina\nd,95,100,Ina\n";
    private final JsonNode file;

    PlanJudgeTest() throws JacksonException {
        file = JsonMapper.builderWithJackson2Defaults().build().readTree("""
                {"now":10,"horizon":200,"open":[[0,60]],"stability":{"window":50,"penalty":60},
                 "technicians":[{"id":"Ina","skills":["general"],"windows":[[0,120]]},{"id":"Bo","skills":["fine"],"windows":[[0,120]]}],
                 "stations":[{"id":"pad","capacity":1}],
                 "previous":[{"task":"a","start":10,"technician":"Ina"},{"task":"d","start":59,"technician":"Ina"},{"task":"c","start":60,"technician":"Bo"}],
                 "jobs":[{"id":"A","release":5,"due":90,"weight":3,"tasks":[
                   {"id":"a","kind":"ATTENDED","duration":20,"skill":"general","station":"pad","after":[]},
                   {"id":"b","kind":"DWELL","duration":50,"startOpen":true,"station":"pad","after":[{"task":"a"}]},
                   {"id":"c","kind":"ATTENDED","duration":10,"skill":"general","after":[{"task":"b","maxLag":5}]}]},
                  {"id":"B","release":0,"due":100,"weight":1,"tasks":[
                   {"id":"d","kind":"ATTENDED","duration":5,"skill":"general","after":[]}]}]}""");
    }

    @Test
    void aSoundPlanIsCounted() {
        PlanJudge.Verdict verdict = PlanJudge.of(file, GOOD);
        assertThat(verdict.broken()).isEmpty();
        assertThat(verdict.lateness()).isEqualTo(3 * 5);
        assertThat(verdict.late()).isEqualTo(1);
        assertThat(verdict.moves())
                .as("d was to start at 59; c at 60 is past the window")
                .isEqualTo(1);
        assertThat(verdict.cost()).isEqualTo(15 + 60);
        assertThat(verdict.lastEnd()).isEqualTo(100);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            c,85,95,Ina  | c,86,96,Ina   | c starts too late after b
            c,85,95,Ina  | c,79,89,Ina   | c starts before b has ended
            c,85,95,Ina  | c,85,95,Bo    | c is outside the working times of its technician, or lacks the skill
            d,95,100,Ina | d,118,123,Ina | d is outside the working times of its technician, or lacks the skill
            d,95,100,Ina | d,94,99,Ina   | Ina does two things at once
            d,95,100,Ina | d,95,101,Ina  | d has another length
            a,10,30,Ina  | a,9,29,Ina    | a starts too early
            b,30,80,     | b,29,79,      | pad is too full
            b,30,80,     | b,61,111,     | b starts while nobody is there
            b,30,80,     | b,30,80,Ina   | b is a wait and has a technician
            d,95,100,Ina | x,95,100,Ina  | d is missing
            """)
    void everyRuleThatIsBrokenIsSaid(String was, String is, String said) {
        assertThat(PlanJudge.of(file, GOOD.replace(was, is)).broken()).contains(said);
    }

    @Test
    void theShippedInstancesAreThere() {
        for (String name : List.of("n10a", "r60", "ft10-st")) {
            assertThat(PlanJudge.class.getResource("/benchmark/plan/" + name + ".json"))
                    .isNotNull();
        }
    }
}
