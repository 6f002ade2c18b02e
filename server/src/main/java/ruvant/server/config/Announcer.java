package ruvant.server.config;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where Ruvant is to be found, once it is there. */
@Component
class Announcer {
    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web) {
            System.out.println(
                    "\nRuvant is ready: http://localhost:" + web.getWebServer().getPort() + "\n");
        }
    }
}
