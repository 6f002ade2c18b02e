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
     * Makes it ready.
     *
     * @return what the check found; where it found something, nothing is made ready unless it is wanted all the same
     * @throws IOException where it cannot be read or written
     */
    public static ShopCheck ready(Path backup, Path folder, boolean damagedToo) throws IOException {
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
            return new ShopCheck(found.lines(), found.files(), left);
        } finally {
            if (Files.exists(half)) {
                Backup.clear(half);
            }
        }
    }
}
