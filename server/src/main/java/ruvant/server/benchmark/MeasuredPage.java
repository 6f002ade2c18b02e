package ruvant.server.benchmark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A page of the documents whose tables are measured: what lies between its marks is written anew. */
final class MeasuredPage {
    private static final String BEGIN = "<!-- measured -->";
    private static final String END = "<!-- /measured -->";

    private final Path target;
    private final StringBuilder tables = new StringBuilder();

    MeasuredPage(Path target) {
        this.target = target;
    }

    void say(String line) {
        System.out.println(line);
        tables.append(line).append('\n');
    }

    void write() throws IOException {
        String text = Files.readString(target);
        int from = text.indexOf(BEGIN);
        int to = text.indexOf(END);
        if (from < 0 || to < from) {
            throw new IOException(target + " has no place for the tables");
        }
        Files.writeString(target, text.substring(0, from + BEGIN.length()) + "\n" + tables + text.substring(to));
    }
}
