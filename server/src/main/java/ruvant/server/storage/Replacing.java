package ruvant.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;

/** Puts a restored shop in the place of the one that is there, which is kept aside. Nobody has the folder open meanwhile. */
public final class Replacing {
    /** Where a restored shop waits for the next start. */
    public static final String NEXT = "restore-ready";

    private static final List<String> OF_THE_SHOP =
            List.of("ruvant.db", "ruvant.db-wal", "ruvant.db-shm", Tally.FILE, "pictures", "recordings", "outbox");

    private Replacing() {}

    /** Does it where one waits. Where that is cut short, it is gone on with at the next start. */
    static void ifReady(Path folder) throws IOException {
        Path next = folder.resolve(NEXT);
        Path going = folder.resolve("restore-going");
        if (Files.isDirectory(next)) {
            Path aside = folder.resolve("before").resolve("replaced-" + Times.stamp(Instant.now()));
            Files.createDirectories(aside);
            move(folder, aside);
            Files.move(next, going);
        }
        if (Files.isDirectory(going)) {
            move(going, folder);
            Files.delete(going);
        }
    }

    private static void move(Path from, Path to) throws IOException {
        for (String name : OF_THE_SHOP) {
            if (Files.exists(from.resolve(name))) {
                Files.move(from.resolve(name), to.resolve(name));
            }
        }
    }
}
