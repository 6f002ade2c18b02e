package ruvant.server.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.server.RealServer;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.storage.CannotStartException;
import ruvant.server.storage.Database;
import tools.jackson.databind.JsonNode;

/** Files that a disk, a person or another version did something to. */
class DamagedFileTest {
    @TempDir
    Path folder;

    private Path file() {
        return folder.resolve("ruvant.db");
    }

    private void sql(String... statements) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + file())) {
            for (String statement : statements) {
                file.createStatement().execute(statement);
            }
        }
    }

    /** The page of the file on which a table begins. */
    private int placeOf(String table) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + file());
                ResultSet row = file.createStatement()
                        .executeQuery("select rootpage from sqlite_schema where name = '" + table + "'")) {
            return row.getInt(1);
        }
    }

    /** Two jobs; the first with four lines. */
    private String[] furnished() {
        try (Started ruvant = Started.on(folder)) {
            Shop shop = ruvant.shop();
            String tag = shop.camera("Wambui");
            shop.add(tag, Shop.off("front plate"));
            shop.add(tag, Shop.note("the return spring is brittle"));
            shop.add(tag, Shop.off("retard train"));
            return new String[] {tag, shop.camera("Okonkwo")};
        }
    }

    private static void look(Started ruvant) {
        ruvant.part(HealthCheck.class).look();
    }

    @Test
    void aJobWithADamagedLineOpensForReadingAndTheRestOfTheShopWorks() throws SQLException {
        String[] tags = furnished();
        sql("update line set body = replace(body, 'brittle', 'brutish') where body like '%brittle%'");
        try (Started ruvant = Started.on(folder)) {
            Shop shop = ruvant.shop();
            JsonNode job = shop.get("/api/jobs/" + tags[0]).body();
            assertThat(job.get("parts")).hasSize(2);
            assertThat(job.at("/unreadable/0/sequence").asInt()).isEqualTo(3);
            assertThat(shop.lines(tags[0]).get(2).get("words").asString()).contains("cannot be read");
            assertThat(shop.lines(tags[0]).get(2).at("/entry/kept").asString()).contains("brutish");
            Shop.Answer refused = shop.add(tags[0], Shop.note("one more"));
            assertThat(refused.status()).isEqualTo(409);
            assertThat(refused.body().get("detail").asString())
                    .contains("Line 3")
                    .contains("cannot be read");
            assertThat(shop.add(tags[1], Shop.note("works")).status()).isEqualTo(200);
            assertThat(shop.get("/api/bench").body().get("open")).hasSize(2);
            look(ruvant);
            look(ruvant);
            JsonNode findings = shop.get("/api/health").body().get("findings");
            assertThat(findings).hasSize(1);
            assertThat(findings.at("/0/what").asString()).contains("Line 3 of " + tags[0]);
        }
    }

    @Test
    void aKindThatNobodyKnowsAndAFirstLineThatIsGoneTakeNothingDown() throws SQLException {
        String[] tags = furnished();
        sql(
                "update line set seal = null, body = '{\"kind\":\"polishedWithMoonlight\"}' where log = 1 and sequence = 2",
                "update line set seal = null, body = 'torn' where log = 2 and sequence = 1");
        try (Started ruvant = Started.on(folder)) {
            Shop shop = ruvant.shop();
            assertThat(shop.get("/api/jobs/" + tags[0])
                            .body()
                            .at("/unreadable/0/why")
                            .asString())
                    .contains("polishedWithMoonlight");
            JsonNode second = shop.get("/api/jobs/" + tags[1]).body();
            assertThat(second.get("cameraWords").asString()).contains("Pellworm Twin");
            assertThat(second.get("unreadable")).hasSize(1);
            assertThat(shop.get("/api/bench").body().get("open")).hasSize(2);
            assertThat(shop.get("/api/plan").status()).isEqualTo(200);
            assertThat(shop.camera("Third")).isEqualTo("R-0003");
        }
    }

    @Test
    void nobodyLogsALineThatCannotBeRead() {
        try (Started ruvant = Started.on(folder)) {
            Shop shop = ruvant.shop();
            String tag = shop.camera("Wambui");
            Shop.Answer refused = shop.add(tag, "{\"kind\":\"unreadable\",\"why\":\"so\",\"kept\":\"\"}");
            assertThat(refused.status()).isEqualTo(409);
            assertThat(shop.add(tag, Shop.note("fine")).status()).isEqualTo(200);
        }
    }

    @Test
    void aJournalThatIsCutOrGoneIsNoticed() throws IOException {
        String tag;
        try (RealServer server = RealServer.on(folder)) {
            Shop shop = new Shop(server.port());
            tag = shop.camera("Wambui");
            for (int i = 0; i < 5; i++) {
                shop.add(tag, Shop.note("note " + i));
            }
            server.kill();
        }
        Files.delete(folder.resolve("ruvant.db-wal"));
        Files.deleteIfExists(folder.resolve("ruvant.db-shm"));
        try (Started ruvant = Started.on(folder)) {
            look(ruvant);
            assertThat(ruvant.shop()
                            .get("/api/health")
                            .body()
                            .at("/findings/0/what")
                            .asString())
                    .contains("6 lines")
                    .contains("journal");
            String id =
                    ruvant.shop().get("/api/health").body().at("/findings/0/id").asString();
            assertThat(ruvant.shop()
                            .post("/api/health/findings/" + id + "/noted", "")
                            .body()
                            .get("findings"))
                    .isEmpty();
        }
    }

    @Test
    void aFileThatIsNoneIsRefusedInWords() throws IOException {
        Files.writeString(file(), "this is no database at all".repeat(400));
        assertThatThrownBy(() -> Database.open(file(), "FULL"))
                .isInstanceOfSatisfying(CannotStartException.class, refused -> {
                    assertThat(refused).hasMessageContaining("damaged");
                    assertThat(refused.remedy()).contains("restore");
                });
        assertThat(Files.readString(file())).startsWith("this is no database");
    }

    @Test
    void flippedBytesInTheOrderOfTheFileAreFound() throws IOException, SQLException {
        furnished();
        int page = (placeOf("job_summary_open") - 1) * 4096;
        byte[] bytes = Files.readAllBytes(file());
        for (int i = page; i < page + 12; i++) {
            bytes[i] ^= 0x5a;
        }
        Files.write(file(), bytes);
        try (Started ruvant = Started.on(folder)) {
            look(ruvant);
            assertThat(ruvant.shop().get("/api/health").body().get("findings")).isNotEmpty();
        } catch (RuntimeException refused) {
            assertThat(refused).hasRootCauseInstanceOf(CannotStartException.class);
        }
    }

    @Test
    void aFileOfANewerRuvantIsRefusedAndLeftAsItIs() throws SQLException {
        furnished();
        sql(
                "insert into flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                        + " installed_by, execution_time, success) values (900, '900', 'later', 'SQL', 'V900__later.sql', 1, '', 1, 1)");
        assertThatThrownBy(() -> Database.open(file(), "FULL"))
                .isInstanceOf(CannotStartException.class)
                .hasMessageContaining("newer Ruvant");
    }

    @Test
    void twoServersOnOneFolderAreRefusedInWords() throws IOException {
        try (RealServer first = RealServer.on(folder)) {
            assertThatThrownBy(() -> RealServer.on(folder))
                    .hasMessageContaining("Another Ruvant is working with the data in")
                    .hasMessageContaining("process ")
                    .message()
                    .doesNotContain("\tat ")
                    .doesNotContain("Exception");
            assertThat(new Shop(first.port()).get("/api/bench").status()).isEqualTo(200);
        }
    }
}
