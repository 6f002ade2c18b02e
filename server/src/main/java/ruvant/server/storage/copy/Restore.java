package ruvant.server.storage.copy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import ruvant.server.storage.Replacing;

/** Puts a backup beside a shop's data, checked and ready; it takes the place of the shop when Ruvant next starts on the folder. */
public final class Restore {
    private Restore() {}

    /**
     * What came of it.
     *
     * @param ready whether it takes its place at the next start
     */
    public record Prepared(ShopCheck found, boolean ready) {}

    /**
     * Makes it ready.
     *
     * @return what was found, and whether it is ready: where something is damaged, only if it is wanted anyway
     * @throws IOException where it cannot be read or written
     */
    public static Prepared ready(Path backup, Path folder, boolean damagedToo) throws IOException {
        Files.createDirectories(folder);
        Path half = folder.resolve("restore-half");
        Path next = folder.resolve(Replacing.NEXT);
        if (Files.exists(half)) {
            Backup.clear(half);
        }
        Files.createDirectories(half);
        try {
            List<String> left = Backup.unpack(backup, half);
            ShopCheck found = ShopCheck.of(half);
            boolean usable = Files.isRegularFile(half.resolve(ShopFolder.FILE))
                    && (found.problems().isEmpty() || damagedToo);
            if (usable) {
                if (Files.exists(next)) {
                    Backup.clear(next);
                }
                Files.move(half, next);
            }
            left.addAll(found.problems());
            return new Prepared(new ShopCheck(found.lines(), found.files(), left), usable);
        } finally {
            if (Files.exists(half)) {
                Backup.clear(half);
            }
        }
    }
}
