package ruvant.server.storage.copy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What of a data folder belongs to the shop, and so into its backups. */
final class ShopFolder {
    /** The shop's file. */
    static final String FILE = "ruvant.db";

    /** Folders of files that go with it. */
    static final List<String> BESIDE = List.of("pictures", "recordings", "outbox");

    private ShopFolder() {}

    /** All files beside the shop's own, by their place in the folder, with slashes; half-written ones left out. */
    static List<String> filesBeside(Path folder) throws IOException {
        List<String> all = new ArrayList<>();
        for (String name : BESIDE) {
            Path under = folder.resolve(name);
            if (Files.isDirectory(under)) {
                try (Stream<Path> files = Files.walk(under)) {
                    files.filter(Files::isRegularFile)
                            .map(file -> folder.relativize(file).toString().replace('\\', '/'))
                            .filter(ShopFolder::isOurs)
                            .sorted()
                            .forEach(all::add);
                }
            }
        }
        return all;
    }

    /** Whether a place in a backup is one where Ruvant keeps something; nothing else is ever written out of one. */
    static boolean isOurs(String place) {
        return place.equals(FILE)
                || place.matches("pictures/(small/)?[0-9a-f]{2}/[0-9a-f]{64}\\.(jpg|png|webp)")
                || place.matches("recordings/[0-9a-f]{2}/[0-9a-f]{64}\\.(wav|csv)")
                || place.matches("outbox/[0-9a-f-]{36}\\.eml");
    }

    /** The fingerprint that the name of a file promises; empty where it promises none. */
    static String promised(String place) {
        return place.matches("(pictures/[0-9a-f]{2}|recordings/[0-9a-f]{2})/[0-9a-f]{64}\\..*")
                ? place.substring(place.lastIndexOf('/') + 1, place.lastIndexOf('.'))
                : "";
    }
}
