package ruvant.server.network;

import java.io.IOException;
import java.net.BindException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import ruvant.server.storage.CannotStartException;

/** The encrypted way in, beside the one at the loopback; only where others are to reach this Ruvant. */
@Component
public final class SecureDoor implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final Network network;
    private final Authority authority;
    private Connector connector;
    private volatile X509Certificate shown;

    SecureDoor(Network network, Clock clock, @Value("${ruvant.data}") Path data) {
        this.network = network;
        this.authority = new Authority(data.resolve("keys"), clock);
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        if (!network.isOpen()) {
            return;
        }
        try (ServerSocket free = new ServerSocket(network.port(), 1, InetAddress.getByName(network.address()))) {
            free.setReuseAddress(true);
        } catch (BindException taken) {
            throw new CannotStartException(
                    "Ruvant cannot listen at " + network.address() + ", port " + network.port() + ": "
                            + taken.getMessage() + ".",
                    "Choose another port with --secure-port, or another address with --address.");
        } catch (IOException problem) {
            throw new IllegalStateException(problem);
        }
        connector = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        connector.setPort(network.port());
        connector.setProperty("address", network.address());
        connector.setScheme("https");
        connector.setSecure(true);
        // as at the loopback: places for six devices that use all of theirs
        connector.setProperty("maxThreads", "200");
        connector.setProperty("connectionTimeout", "20000");
        connector.setProperty("keepAliveTimeout", "60000");
        connector.setProperty("maxConnections", "2000");
        connector.setProperty("maxSwallowSize", Integer.toString(400 << 20));
        connector.setProperty("compression", "on");
        connector.setProperty(
                "compressibleMimeType",
                "application/json,text/html,text/css,application/javascript,text/javascript,image/svg+xml");
        connector.setProperty("SSLEnabled", "true");
        connector.addSslHostConfig(certificate());
        server.addAdditionalConnectors(connector);
    }

    /** Follows the machine to another address, and renews the certificate before it ends. Devices notice nothing. */
    @Scheduled(initialDelay = 60, fixedDelay = 60, timeUnit = TimeUnit.SECONDS)
    void follow() throws GeneralSecurityException {
        if (connector == null) {
            return;
        }
        network.look();
        if (!authority.serves(shown, network.names())) {
            ((AbstractHttp11Protocol<?>) connector.getProtocolHandler()).addSslHostConfig(certificate(), true);
        }
    }

    private SSLHostConfig certificate() {
        try {
            KeyStore keys = authority.certificateFor(network.names());
            shown = (X509Certificate) keys.getCertificate(Authority.ALIAS);
            SSLHostConfig config = new SSLHostConfig();
            config.setProtocols("TLSv1.3+TLSv1.2");
            SSLHostConfigCertificate certificate =
                    new SSLHostConfigCertificate(config, SSLHostConfigCertificate.Type.EC);
            certificate.setCertificateKeystore(keys);
            certificate.setCertificateKeyAlias(Authority.ALIAS);
            certificate.setCertificateKeystorePassword(new String(Authority.PASSWORD));
            certificate.setCertificateKeyPassword(new String(Authority.PASSWORD));
            config.addCertificate(certificate);
            return config;
        } catch (GeneralSecurityException | IOException problem) {
            throw new CannotStartException(
                    "The keys in the folder “keys” cannot be used: " + problem.getMessage() + ".",
                    "Move the folder away. Ruvant then makes new ones, and every device installs the new authority once.");
        }
    }

    /** The port others use; 0 where there is no encrypted way in. */
    public int port() {
        return connector == null ? 0 : connector.getLocalPort();
    }

    /** Addresses to type into another device, the likeliest first. */
    public List<String> addresses() {
        return port() == 0
                ? List.of()
                : network.names().stream()
                        .filter(one -> !one.startsWith("[fe80")
                                && !one.startsWith("127.")
                                && !one.equals("localhost")
                                && !one.endsWith(":0:0:1]")
                                && !one.equals("[::1]"))
                        .sorted(java.util.Comparator.comparing((String one) -> !one.matches("[0-9.]+"))
                                .thenComparing(one -> one.startsWith("["))
                                .thenComparing(java.util.Comparator.naturalOrder()))
                        .map(one -> "https://" + one + ":" + port())
                        .toList();
    }

    /** What other devices install, so that they know this Ruvant. */
    public X509Certificate authority() {
        try {
            return authority.certificate();
        } catch (GeneralSecurityException | IOException problem) {
            throw new IllegalStateException(problem);
        }
    }

    /** By which it is told from others before it is installed. */
    public String fingerprint() {
        try {
            return Authority.fingerprint(authority());
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
