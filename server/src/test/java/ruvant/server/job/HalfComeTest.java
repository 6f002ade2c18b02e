package ruvant.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.storage.Database;

/** Ruvant ended while the lines of a job from elsewhere were being written: at the next start nothing is left of it. */
class HalfComeTest {
    @Test
    void nothingIsLeftOfAJobThatDidNotComeInWhole() {
        Path folder = Started.folder();
        try (Started started = Started.on(folder)) {
            assertThat(started.shop().camera("Wambui")).isEqualTo("R-0001");
        }
        try (Database database = Database.open(folder.resolve("ruvant.db"), "FULL")) {
            database.writes()
                    .sql(
                            "insert into coming (number, opened_by, taken_in, begun_at) values (2, 'x', 1, '2031-03-04T09:00:00.000Z')")
                    .update();
            database.writes().sql("""
                            insert into line (log, sequence, id, at, signer, before, body, seal)
                            select 2, sequence, 'other', at, signer, before, body, seal from line where log = 1
                            """).update();
        }
        try (Started started = Started.on(folder)) {
            Shop shop = started.shop();
            assertThat(shop.get("/api/jobs/R-0002").status()).isEqualTo(404);
            assertThat(shop.get("/api/health").body().at("/findings")).isEmpty();
            assertThat(shop.camera("Oksana")).isEqualTo("R-0002");
            assertThat(shop.lines("R-0002")).hasSize(1);
        }
    }
}
