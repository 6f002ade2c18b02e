package ruvant.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import ruvant.server.Started;
import ruvant.server.access.Visitor;

class SecureDoorTest {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");

    @TempDir
    Path folder;

    /** A device on which the authority was installed, and nothing else. */
    private static HttpClient device(X509Certificate authority) throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry("ruvant", authority);
        TrustManagerFactory trust = TrustManagerFactory.getInstance("PKIX");
        trust.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    private static HttpResponse<String> get(HttpClient device, String address) throws Exception {
        return device.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void aDeviceWithTheAuthorityGetsInEncryptedAndSignsIn() throws Exception {
        try (Started started = Visitor.shop()) {
            SecureDoor door = started.part(SecureDoor.class);
            try (HttpClient device = device(door.authority())) {
                assertThat(door.addresses()).isNotEmpty();
                for (String address : door.addresses()) {
                    if (address.matches("https://[0-9.]+:.*")) {
                        assertThat(get(device, address + "/").statusCode()).isEqualTo(200);
                        assertThat(get(device, address + "/api/house").statusCode())
                                .isEqualTo(401);
                    }
                }
                String here = "https://localhost:" + door.port();
                assertThat(get(device, here + "/api/network").body()).contains(door.fingerprint());
                assertThat(get(device, here + "/").headers().firstValue("Strict-Transport-Security"))
                        .isEmpty();
            }
            try (HttpClient stranger = HttpClient.newHttpClient()) {
                assertThatThrownBy(() -> get(stranger, "https://localhost:" + door.port() + "/"))
                        .isInstanceOf(IOException.class);
                // without encryption it is at the loopback alone
                for (String address : door.addresses()) {
                    if (address.matches("https://[0-9.]+:.*")) {
                        String plain =
                                address.replaceFirst("https", "http").replaceFirst(":\\d+$", ":" + started.port());
                        assertThatThrownBy(() -> get(stranger, plain)).isInstanceOf(IOException.class);
                    }
                }
            }
        }
    }

    /** A machine that a router calls otherwise from one moment to the next. */
    static class Moving {
        private static volatile Set<String> names = Set.of("192.168.7.20");

        @Bean
        @Primary
        ThisMachine moving() {
            return new ThisMachine() {
                @Override
                Set<String> names(String listensOn) {
                    return names;
                }
            };
        }
    }

    @Test
    void itFollowsTheMachineToAnotherAddressWhileItRuns() throws Exception {
        Moving.names = Set.of("192.168.7.20");
        try (Started started = Visitor.shop(List.of(Moving.class))) {
            SecureDoor door = started.part(SecureDoor.class);
            String here = "https://localhost:" + door.port() + "/";
            assertThat(door.addresses()).containsExactly("https://192.168.7.20:" + door.port());
            assertThat(shownTo(device(door.authority()), here)).contains("192.168.7.20");
            Moving.names = Set.of("192.168.7.99");
            door.follow();
            assertThat(door.addresses()).containsExactly("https://192.168.7.99:" + door.port());
            assertThat(shownTo(device(door.authority()), here))
                    .contains("192.168.7.99")
                    .doesNotContain("192.168.7.20");
            assertThat(started.shop().get("/api/network").body().path("addresses"))
                    .hasSize(1);
        }
    }

    /** For which names the certificate is that a device gets to see. */
    private static String shownTo(HttpClient device, String address) throws Exception {
        try (device) {
            X509Certificate shown = (X509Certificate)
                    get(device, address).sslSession().orElseThrow().getPeerCertificates()[0];
            return shown.getSubjectAlternativeNames().toString();
        }
    }

    @Test
    void theSameKeysServeUntilNamesChangeOrTimeIsNearlyOver() throws Exception {
        Set<String> names = Set.of("192.168.7.20", "[fd00::7]", "bench.local");
        X509Certificate first = certificate(NOW, names);
        assertThat(certificate(NOW.plus(Duration.ofDays(300)), names)).isEqualTo(first);
        assertThat(certificate(NOW, Set.of("192.168.7.20"))).isEqualTo(first);
        X509Certificate moved = certificate(NOW, Set.of("192.168.7.21"));
        assertThat(moved).isNotEqualTo(first);
        assertThat(certificate(NOW.plus(Duration.ofDays(350)), Set.of("192.168.7.21")))
                .isNotEqualTo(moved);
        X509Certificate authority = new Authority(folder, Clock.fixed(NOW, ZoneOffset.UTC)).certificate();
        first.verify(authority.getPublicKey());
        moved.verify(authority.getPublicKey());
        assertThat(first.getNotAfter().toInstant()).isBefore(NOW.plus(Duration.ofDays(398)));
    }

    private X509Certificate certificate(Instant now, Set<String> names) throws Exception {
        return (X509Certificate) new Authority(folder, Clock.fixed(now, ZoneOffset.UTC))
                .certificateFor(names)
                .getCertificate(Authority.ALIAS);
    }

    @Test
    void theAuthorityVouchesForNothingOutsideAndItsKeyIsNobodyElses() throws Exception {
        certificate(NOW, Set.of("bench.local"));
        X509Certificate authority = new Authority(folder, Clock.fixed(NOW, ZoneOffset.UTC)).certificate();
        assertThat(authority.getBasicConstraints()).isZero();
        assertThat(authority.getCriticalExtensionOIDs()).contains("2.5.29.30");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("authority.p12"))))
                .isEqualTo("rw-------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
                .isEqualTo("rwx------");
    }
}
