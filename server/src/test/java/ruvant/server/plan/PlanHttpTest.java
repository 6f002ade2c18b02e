package ruvant.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.server.OverHttp;
import ruvant.server.Shop;

class PlanHttpTest extends OverHttp {
    private static final String COATS = """
            {"now":540,"horizon":4000,
             "technicians":[{"id":"Ina","skills":["general","finish"],"windows":[[540,750],[810,1050],[1980,2190]]}],
             "stations":[{"id":"box","capacity":1}],
             "open":[[540,750],[810,1050],[1980,2190]],
             "jobs":[{"id":"A","release":540,"due":1050,"weight":2,"tasks":[
               {"id":"A.1","kind":"ATTENDED","duration":20,"skill":"finish","after":[]},
               {"id":"A.2","kind":"DWELL","duration":90,"station":"box","startOpen":true,"after":[{"task":"A.1"}]},
               {"id":"A.3","kind":"ATTENDED","duration":30,"skill":"finish","after":[{"task":"A.2","maxLag":20}]}]}]}""";

    private Shop.Answer refused(String body) {
        return shop.post("/api/plan/solve?seconds=0", body);
    }

    @Test
    void aPlanIsATableOfTasksAndNobodyAttendsAWait() {
        // 560 to 650 it dries; 650 is within the morning
        assertThat(shop.text("/api/plan/solve?seconds=0.1", COATS).lines())
                .containsExactly("task,start,end,technician", "A.1,540,560,Ina", "A.2,560,650,", "A.3,650,680,Ina");
    }

    @Test
    void theSameSeedGivesTheSameFirstPlan() {
        String one = shop.text("/api/plan/solve?seconds=0&seed=5", COATS);
        assertThat(shop.text("/api/plan/solve?seconds=0&seed=5", COATS)).isEqualTo(one);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "skill":"finish"     | "skill":"gilding"    | A.1 needs the skill “gilding”, which nobody has.
            "kind":"DWELL"       | "kind":"WAIT"        | The kind of A.2 is “WAIT”.
            "duration":90        | "duration":600       | A.3 must start within 20 min after A.2, and nobody works at any such time.
            "duration":90        | "duration":0         | A.2 takes 0 min.
            "station":"box"      | "station":"kiln"     | A.2 needs the station “kiln”, which is not there.
            "due":1050           | "due":null           | “A.due” is missing.
            "horizon":4000       | "horizon":600        | A.2 and 1 more tasks find no time before the horizon.
            [540,750],[810,1050] | [540,750],[700,1050] | The window from 700 to 1050 overlaps the one before it.
            "id":"A.3"           | "id":"A.1"           | The task A.1 is there twice.
            "stations":[         | "stations":[null,    | One of the lists has an empty entry.
            """)
    void whatCanNeverBeDoneIsRefusedWithItsReason(String was, String is, String why) {
        Shop.Answer answer = refused(COATS.replace(was, is));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().path("detail").asText()).isEqualTo(why);
        assertThat(answer.body().path("remedy").asText()).isNotBlank();
    }

    @Test
    void secondsOutsideTheRangeAndWordsForFiguresAreRefusedInWords() {
        assertThat(shop.post("/api/plan/solve?seconds=61", COATS)
                        .body()
                        .path("detail")
                        .asText())
                .isEqualTo("61.0 s is outside 0 to 60 s.");
        Shop.Answer words = shop.post("/api/plan/solve?seconds=soon", COATS);
        assertThat(words.status()).isEqualTo(400);
        assertThat(words.body().path("detail").asText()).isEqualTo("“soon” is not a valid value for “seconds”.");
    }

    @Test
    void anEmptyBenchHasAnEmptyPlan() {
        assertThat(shop.text("/api/plan/solve", "{}").lines()).containsExactly("task,start,end,technician");
    }
}
