package ruvant.core.measure.recording;

import java.util.ArrayList;
import java.util.List;

/** Parts bytes into lines. Tables are written in letters and figures that every common encoding has alike. */
final class Lines {
    private static final int LARGEST = 256 * 1024 * 1024;

    private final List<String> lines = new ArrayList<>();

    Lines(Bytes bytes) {
        byte[] block = new byte[65_536];
        StringBuilder line = new StringBuilder();
        long total = 0;
        for (int count = bytes.read(block, 0, block.length); count >= 0; count = bytes.read(block, 0, block.length)) {
            total += count;
            if (total > LARGEST) {
                throw new RecordingProblem(
                        "tooLarge", "The table is larger than 256 MB.", "Save the recording as WAV, which is shorter.");
            }
            for (int i = 0; i < count; i++) {
                char letter = (char) (block[i] & 0xFF);
                if (letter == '\n') {
                    end(line);
                } else if (letter != '\r') {
                    line.append(letter);
                }
            }
        }
        end(line);
    }

    /** A mark that some programs put at the front of a text is no part of it. */
    private void end(StringBuilder line) {
        String text = line.toString();
        lines.add(lines.isEmpty() ? text.replaceFirst("^\u00EF\u00BB\u00BF", "") : text);
        line.setLength(0);
    }

    List<String> all() {
        return lines;
    }
}
