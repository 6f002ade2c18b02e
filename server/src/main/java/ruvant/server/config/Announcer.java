package ruvant.server.config;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ruvant.server.network.SecureDoor;

/** Says where Ruvant is to be found, once it is there. */
@Component
class Announcer {
    private final boolean rehearsal;
    private final SecureDoor door;

    /** @param rehearsal only touch what a first page needs, then stop: the launcher keeps what was loaded by then */
    Announcer(@Value("${ruvant.rehearsal:false}") boolean rehearsal, SecureDoor door) {
        this.rehearsal = rehearsal;
        this.door = door;
    }

    @EventListener
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void ready(ApplicationReadyEvent event) throws IOException, InterruptedException {
        if (!(event.getApplicationContext() instanceof WebServerApplicationContext web)) {
            return;
        }
        String address = "http://localhost:" + web.getWebServer().getPort();
        if (rehearsal) {
            rehearse(address);
            System.exit(0);
        }
        System.out.println("\nRuvant is ready: " + address);
        if (door.port() > 0) {
            System.out.println("For other devices:  " + String.join("\n                    ", door.addresses()));
            System.out.println("Its certificate:    " + door.fingerprint());
        }
        System.out.println();
    }

    private static void rehearse(String address) throws IOException, InterruptedException {
        try (HttpClient http = HttpClient.newHttpClient()) {
            for (String path :
                    List.of("/", "/api/house", "/api/bench", "/api/jobs/R-0001", "/api/jobs/R-0001/sheet.pdf")) {
                http.send(
                        HttpRequest.newBuilder(URI.create(address + path)).build(),
                        HttpResponse.BodyHandlers.discarding());
            }
        }
    }
}
