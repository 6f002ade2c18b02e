package ruvant.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.record.ProjectionStore;
import ruvant.server.storage.Database;
import tools.jackson.databind.JsonNode;

/** What lists need of the logs is made anew where another version wrote it, and only there. */
class ProjectingTest extends OverHttp {
    private final Projecting projecting = part(Projecting.class);

    private final ProjectionStore versions = part(ProjectionStore.class);

    private final SummaryStore summaries = part(SummaryStore.class);

    private final Database database = part(Database.class);

    private JsonNode bench() {
        return shop.get("/api/bench").body();
    }

    @Test
    void aListOfAnotherVersionIsMadeAnewFromTheLogsStrikesLeftOut() {
        String tag = shop.camera("Listed");
        shop.add(tag, "{\"kind\":\"needOpened\",\"part\":\"dial\",\"what\":\"a dial\"}");
        JsonNode before = bench();
        assertThat(before.get("open").findValuesAsString("tag")).contains(tag);

        database.writes().sql("delete from job_summary").update();
        projecting.bringUpToDate();
        assertThat(bench().get("open").findValuesAsString("tag"))
                .as("nothing is read again where the version is the same")
                .doesNotContain(tag);

        versions.put(summaries.name(), summaries.version() - 1);
        projecting.bringUpToDate();

        assertThat(versions.version(summaries.name())).isEqualTo(summaries.version());
        assertThat(bench().get("open")).isEqualTo(before.get("open"));
        assertThat(projecting.progress().of()).isZero();
    }
}
