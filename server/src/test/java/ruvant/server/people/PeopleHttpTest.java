package ruvant.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import ruvant.core.people.Role;
import ruvant.server.Shop;
import ruvant.server.Shop.Answer;
import ruvant.server.Started;
import ruvant.server.access.Visitor;
import ruvant.server.storage.copy.Backup;
import ruvant.server.storage.copy.Restore;

class PeopleHttpTest {
    private Started started;
    private Shop owner;

    /** Time goes on only where a test lets it. No component that a scan finds: every other test would run by this clock as well. */
    static class Later {
        private static volatile Duration ahead = Duration.ZERO;

        @Bean
        @Primary
        Clock later() {
            return new Clock() {
                @Override
                public ZoneId getZone() {
                    return ZoneId.of("UTC");
                }

                @Override
                public Clock withZone(ZoneId zone) {
                    return this;
                }

                @Override
                public Instant instant() {
                    return Instant.now().plus(ahead);
                }
            };
        }
    }

    @BeforeEach
    void start() {
        Later.ahead = Duration.ZERO;
        started = Started.on(
                Started.folder(), List.of(Later.class), "--ruvant.address=0.0.0.0", "--ruvant.secure-port=0");
        owner = Visitor.owner(started, Signers.code(started));
    }

    @AfterEach
    void stop() {
        started.close();
    }

    private Shop with(String name, Role role) {
        return Visitor.with(started, owner, Visitor.person(name, role, false, false));
    }

    private static Answer enter(Shop at, String name, String passphrase, String bench) {
        return at.post(
                "/api/enter/passphrase", Shop.json(Map.of("name", name, "passphrase", passphrase, "bench", bench)));
    }

    private static Answer pin(Shop at, String name, String pin) {
        return at.post("/api/enter/pin", Shop.json(Map.of("name", name, "pin", pin)));
    }

    private static String note(String by) {
        return """
                {"by":"%s","basedOn":0,"lines":[{"id":"%s","entry":{"kind":"noted","text":"hello"}}]}""".formatted(by, UUID.randomUUID());
    }

    private static String received(String by) {
        return Shop.opening(UUID.randomUUID(), "Zora Quillfeather").replace("\"by\":\"Ada\"", "\"by\":\"" + by + "\"");
    }

    @Test
    void theCodeMakesOneOwnerOnceAndNobodyElseIsLetIn() {
        String code = Signers.code(started);
        Shop stranger = started.shop();
        assertThat(stranger.get("/api/bench").status()).isEqualTo(401);
        assertThat(stranger.get("/api/bench").code()).isEqualTo("notSignedIn");
        assertThat(stranger.post(
                                "/api/enter/code",
                                Shop.json(Map.of("code", code, "name", "Mallory", "passphrase", Visitor.PASSPHRASE)))
                        .code())
                .isEqualTo("wrongCode");
        assertThat(owner.get("/api/bench").status()).isEqualTo(200);
        assertThat(owner.get("/api/enter").body().path("name").asText()).isEqualTo("Ada");
    }

    @Test
    void aWrongPassphraseIsRefusedAndGuessingIsSlow() {
        Shop stranger = started.shop();
        for (int i = 0; i < 5; i++) {
            Answer wrong = enter(stranger, "Ada", "not the right words", "");
            assertThat(wrong.status()).isEqualTo(403);
            assertThat(wrong.code()).isEqualTo("wrongPassphrase");
            // there is no telling whether an account exists
            assertThat(enter(stranger, "Nobody", "not the right words", "")
                            .body()
                            .path("detail"))
                    .isEqualTo(wrong.body().path("detail"));
        }
        Answer slow = enter(stranger, "Ada", Visitor.PASSPHRASE, "");
        assertThat(slow.status()).isEqualTo(429);
        assertThat(slow.body().path("remedy").asText()).contains("Try again in");
        Later.ahead = Duration.ofMinutes(16);
        assertThat(enter(stranger, "Ada", Visitor.PASSPHRASE, "").status()).isEqualTo(200);
    }

    @Test
    void aPinIsEnoughOnlyAtABenchThatIsTrustedAndNotAfterFiveWrongOnes() {
        Shop bench = with("Ben", Role.TECHNICIAN);
        assertThat(bench.post("/api/people/own/pin", Shop.json(Map.of("passphrase", Visitor.PASSPHRASE, "pin", "2580")))
                        .status())
                .isEqualTo(200);
        assertThat(pin(bench, "Ben", "2580").code()).isEqualTo("notTrusted");
        assertThat(enter(bench, "Ada", Visitor.PASSPHRASE, "Window bench").status())
                .isEqualTo(200);
        assertThat(bench.get("/api/enter").body().path("bench").asText()).isEqualTo("Window bench");
        assertThat(pin(bench, "Ben", "2580").body().path("name").asText()).isEqualTo("Ben");
        for (int i = 0; i < 5; i++) {
            assertThat(pin(bench, "Ben", "0000").code()).isEqualTo("wrongPin");
        }
        Later.ahead = Duration.ofMinutes(20);
        assertThat(pin(bench, "Ben", "2580").code()).isEqualTo("pinLocked");
        enter(bench, "Ben", Visitor.PASSPHRASE, "");
        assertThat(pin(bench, "Ben", "2580").status()).isEqualTo(200);
        String id = owner.get("/api/people/benches").body().get(0).path("id").asText();
        owner.delete("/api/people/benches/" + id);
        assertThat(bench.get("/api/bench").status()).isEqualTo(401);
        assertThat(pin(bench, "Ben", "2580").code()).isEqualTo("notTrusted");
    }

    @Test
    void everyLineIsSignedByWhoeverIsSignedIn() {
        Shop ben = with("Ben", Role.TECHNICIAN);
        assertThat(ben.post("/api/jobs", received("Ada")).code()).isEqualTo("signedByAnother");
        assertThat(ben.post("/api/jobs", received("Ben")).status()).isEqualTo(200);
        Answer another = ben.post("/api/logs/R-0001/lines", note("Ada"));
        assertThat(another.code()).isEqualTo("signedByAnother");
        assertThat(another.body().path("remedy").asText()).contains("until Ada signs in");
        assertThat(ben.post("/api/logs/R-0001/lines", note("Ben")).status()).isEqualTo(200);
        assertThat(ben.get("/api/logs/R-0001/lines").body()).hasSize(2);
    }

    @Test
    void whoeverIsAtTheCounterLogsNoWorkAndAGuestReadsOneJob() {
        owner.post("/api/jobs", received("Ada"));
        owner.post("/api/jobs", received("Ada"));
        Shop counter = with("Cora", Role.COUNTER);
        String work = """
                {"by":"Cora","basedOn":0,"lines":[{"id":"%s","entry":{"kind":"satDown","stop":"STRIP","step":""}}]}""".formatted(UUID.randomUUID());
        assertThat(counter.post("/api/logs/R-0001/lines", work).code()).isEqualTo("notAllowed");
        assertThat(counter.post("/api/logs/R-0001/lines", note("Cora")).status())
                .isEqualTo(200);
        String struck = """
                {"by":"Ada","basedOn":0,"lines":[{"id":"%s","entry":{"kind":"satDown","stop":"STRIP","step":""}}]}""";
        UUID target = UUID.randomUUID();
        assertThat(owner.post("/api/logs/R-0001/lines", struck.formatted(target))
                        .status())
                .isEqualTo(200);
        assertThat(counter.post("/api/logs/R-0001/lines", """
                        {"by":"Cora","basedOn":0,"lines":[{"id":"%s","entry":{"kind":"struck","target":"%s","reason":"x"}}]}""".formatted(UUID.randomUUID(), target))
                        .code())
                .isEqualTo("notAllowed");
        Shop guest = with("Gus", Role.GUEST);
        assertThat(guest.get("/api/jobs/R-0001").status()).isEqualTo(200);
        assertThat(guest.get("/api/jobs/r1").status()).isEqualTo(200);
        assertThat(guest.get("/api/jobs/R-0002").status()).isEqualTo(403);
        assertThat(guest.get("/api/jobs").status()).isEqualTo(403);
        assertThat(guest.get("/api/logs/shelf/lines").status()).isEqualTo(403);
        assertThat(guest.post("/api/logs/R-0001/lines", note("Gus")).status()).isEqualTo(403);
    }

    @Test
    void sessionsEndByThemselvesAndWhenTheyAreEnded() {
        Shop ben = with("Ben", Role.TECHNICIAN);
        Shop again = started.shop();
        enter(again, "Ben", Visitor.PASSPHRASE, "");
        assertThat(ben.get("/api/people/sessions").body()).hasSize(2);
        for (var row : ben.get("/api/people/sessions").body()) {
            if (!row.path("here").asBoolean()) {
                ben.delete("/api/people/sessions/" + row.path("id").asText());
            }
        }
        assertThat(again.get("/api/bench").status()).isEqualTo(401);
        assertThat(ben.get("/api/bench").status()).isEqualTo(200);
        for (var row : owner.get("/api/people/sessions").body()) {
            if (row.path("person").asText().equals("Ada")) {
                assertThat(ben.delete("/api/people/sessions/" + row.path("id").asText())
                                .status())
                        .isEqualTo(403);
            }
        }
        Later.ahead = Duration.ofHours(13);
        assertThat(ben.get("/api/bench").status()).isEqualTo(401);
    }

    @Test
    void anAccountThatEndsIsOutAtOnceAndTheLastOwnerStays() {
        Shop ben = with("Ben", Role.TECHNICIAN);
        String bens = "";
        String adas = "";
        for (var one : owner.get("/api/people").body()) {
            String id = one.path("person").path("id").asText();
            bens = one.path("person").path("name").asText().equals("Ben") ? id : bens;
            adas = one.path("person").path("name").asText().equals("Ada") ? id : adas;
        }
        assertThat(ben.get("/api/people").status()).isEqualTo(403);
        assertThat(owner.delete("/api/people/" + bens).status()).isEqualTo(200);
        assertThat(ben.get("/api/bench").status()).isEqualTo(401);
        assertThat(enter(ben, "Ben", Visitor.PASSPHRASE, "").code()).isEqualTo("wrongPassphrase");
        assertThat(owner.delete("/api/people/" + adas).body().path("detail").asText())
                .contains("nobody could change the settings");
    }

    @Test
    void aNewPassphraseEndsWhatTheOldOneBegan() {
        Shop ben = with("Ben", Role.TECHNICIAN);
        assertThat(ben.post(
                                "/api/people/own/passphrase",
                                Shop.json(Map.of("old", "wrong one here", "next", "another long one")))
                        .code())
                .isEqualTo("wrongPassphrase");
        assertThat(ben.post("/api/people/own/passphrase", Shop.json(Map.of("old", Visitor.PASSPHRASE, "next", "short")))
                        .body()
                        .path("field")
                        .asText())
                .isEqualTo("passphrase");
        ben.post(
                "/api/people/own/passphrase", Shop.json(Map.of("old", Visitor.PASSPHRASE, "next", "another long one")));
        assertThat(ben.get("/api/bench").status()).isEqualTo(401);
        assertThat(enter(ben, "Ben", "another long one", "").status()).isEqualTo(200);
    }

    @Test
    void aBackupHasAccountsAndNoSessions() throws Exception {
        Path folder = Path.of(
                started.part(org.springframework.core.env.Environment.class).getRequiredProperty("ruvant.data"));
        Path backup = Started.folder().resolve("shop.zip");
        Backup.make(folder, backup);
        Path fresh = Started.folder();
        assertThat(Restore.ready(backup, fresh, false).ready()).isTrue();
        String cookie = "ruvant-session=" + owner.cookie("ruvant-session");
        started.close();
        started = Started.on(fresh, "--ruvant.address=0.0.0.0", "--ruvant.secure-port=0");
        Shop restored = started.shop();
        assertThat(restored.getWith(cookie, "/api/bench").status()).isEqualTo(401);
        assertThat(enter(restored, "Ada", Visitor.PASSPHRASE, "").status()).isEqualTo(200);
    }

    @Test
    void atTheLoopbackAloneItOpensAsItAlwaysDid() {
        started.close();
        started = Started.on(Started.folder());
        Shop anybody = started.shop();
        assertThat(anybody.post("/api/jobs", received("whoever")).status()).isEqualTo(200);
        assertThat(anybody.get("/api/enter").body().path("wanted").asBoolean()).isFalse();
        assertThat(anybody.get("/api/network").body().path("addresses")).isEmpty();
        assertThat(anybody.get("/api/people/sessions").body()).isEmpty();
    }
}
