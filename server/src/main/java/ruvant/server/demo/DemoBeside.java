package ruvant.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;
import ruvant.server.RuvantServer;

/**
 * The demo shop beside one's own: a second Ruvant in the same process, with a folder and a port of its own, so that
 * somebody who has nothing yet can look around without a made-up camera getting among the real ones. It ends with the
 * server, and its folder goes with it.
 */
@Component
@ConditionalOnProperty(name = "ruvant.demo", havingValue = "false")
class DemoBeside implements DisposableBean {
    private final String address;
    private ConfigurableApplicationContext running;
    private Path folder;

    DemoBeside(@Value("${server.address}") String address) {
        this.address = address;
    }

    /** The port of the demo shop; furnishes and starts it where it does not run yet, which takes some seconds. */
    synchronized int port() {
        if (running == null) {
            start();
        }
        return ((WebServerApplicationContext) running).getWebServer().getPort();
    }

    private void start() {
        if (folder == null) {
            folder = emptyFolder();
        }
        running = new SpringApplicationBuilder(RuvantServer.class)
                .run("--ruvant.data=" + folder, "--ruvant.demo=true", "--server.port=0", "--server.address=" + address);
    }

    private static Path emptyFolder() {
        try {
            return Files.createTempDirectory("ruvant-demo");
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    @Override
    public synchronized void destroy() throws IOException {
        if (running != null) {
            running.close();
            running = null;
        }
        if (folder != null) {
            FileSystemUtils.deleteRecursively(folder);
            folder = null;
        }
    }
}
