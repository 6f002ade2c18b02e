package ruvant.server.benchmark.fuzz;

import java.io.ByteArrayOutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;

/** Tables: other encodings than they say, quotes that never end, columns too few and too many, figures that fit nowhere. */
final class CsvInputs {
    private static final List<Charset> CHARSETS = List.of(
            StandardCharsets.UTF_8, StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE, StandardCharsets.ISO_8859_1);
    private static final List<String> LINE_ENDS = List.of("\n", "\r\n", "\r");
    private static final List<String> BETWEEN = List.of(",", ";", "\t");

    private final List<String> rows;

    /** @param whole a table as the shop gives it out */
    CsvInputs(String whole) {
        this.rows = whole.lines().toList();
    }

    byte[] next(Random random) {
        StringBuilder table = new StringBuilder();
        String end = LINE_ENDS.get(random.nextInt(LINE_ENDS.size()));
        String between = random.nextInt(3) > 0 ? "," : BETWEEN.get(random.nextInt(BETWEEN.size()));
        table.append(rows.isEmpty() || random.nextInt(10) == 0 ? Mutations.strange(random) : rows.getFirst())
                .append(end);
        for (int i = random.nextInt(6); i > 0; i--) {
            String row = rows.size() < 2 ? "a,b,c" : rows.get(1 + random.nextInt(rows.size() - 1));
            table.append(changed(row, random).replace(",", between)).append(end);
        }
        byte[] bytes = table.toString().getBytes(CHARSETS.get(random.nextInt(CHARSETS.size())));
        return random.nextInt(3) == 0 ? Mutations.bytes(withMark(bytes, random), random) : withMark(bytes, random);
    }

    private static String changed(String row, Random random) {
        String[] cells = row.split(",", -1);
        for (int i = random.nextInt(3); i >= 0; i--) {
            cells[random.nextInt(cells.length)] =
                    random.nextInt(3) == 0 ? "\"" + Mutations.strange(random) : Mutations.strange(random);
        }
        return String.join(",", cells) + (random.nextInt(5) == 0 ? ",,," : "");
    }

    private static byte[] withMark(byte[] bytes, Random random) {
        if (random.nextInt(4) > 0) {
            return bytes;
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(
                random.nextBoolean()
                        ? new byte[] {(byte) 0xff, (byte) 0xfe}
                        : new byte[] {(byte) 0xef, (byte) 0xbb, (byte) 0xbf});
        out.writeBytes(bytes);
        return out.toByteArray();
    }
}
