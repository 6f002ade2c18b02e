package ruvant.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A whole Ruvant that runs inside the tests' own process, on a port that was free. */
public final class Started implements AutoCloseable {
    private final ConfigurableApplicationContext house;

    private Started(ConfigurableApplicationContext house) {
        this.house = house;
    }

    /** One with its data in a folder; further arguments as on the command line. */
    public static Started on(Path data, String... arguments) {
        return on(data, List.of(), arguments);
    }

    /** The same with parts of the house replaced. */
    public static Started on(Path data, List<Class<?>> replaced, String... arguments) {
        List<String> all = new ArrayList<>(List.of("--server.port=0", "--ruvant.data=" + data));
        all.addAll(List.of(arguments));
        SpringApplication application = new SpringApplication(RuvantServer.class);
        application.addPrimarySources(replaced);
        application.setRegisterShutdownHook(false);
        return new Started(application.run(all.toArray(String[]::new)));
    }

    /** A new folder that nobody else uses. */
    public static Path folder() {
        try {
            return Files.createTempDirectory("ruvant-test");
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    public int port() {
        return house.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
    }

    /** A person at it, over HTTP. */
    public Shop shop() {
        return new Shop(port());
    }

    /** A part of the house. */
    public <T> T part(Class<T> type) {
        return house.getBean(type);
    }

    /** The same by its name, where there are several of a kind. */
    public <T> T part(String name, Class<T> type) {
        return house.getBean(name, type);
    }

    @Override
    public void close() {
        house.close();
    }
}
