package ruvant.server.benchmark;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A page of the documents whose tables are measured: what lies between its marks is written again. */
final class MeasuredPage {
    private static final String BEGIN = "<!-- measured -->";
    private static final String END = "<!-- /measured -->";

    private final Path target;
    private final StringBuilder tables = new StringBuilder();

    /**
     * Looks for the place at once: what is written there takes half an hour to measure.
     *
     * @throws IOException if the page has none
     */
    MeasuredPage(Path target) throws IOException {
        this.target = target;
        placeIn(Files.readString(target));
    }

    private record Place(int from, int to) {}

    private Place placeIn(String text) throws IOException {
        int from = text.indexOf(BEGIN);
        int to = text.indexOf(END);
        if (from < 0 || to < from) {
            throw new IOException(target + " has no place for the tables");
        }
        return new Place(from + BEGIN.length(), to);
    }

    void say(String line) {
        System.out.println(line);
        tables.append(line).append('\n');
    }

    void write() throws IOException {
        String text = Files.readString(target);
        Place place = placeIn(text);
        Files.writeString(target, text.substring(0, place.from()) + "\n" + tables + text.substring(place.to()));
    }
}
