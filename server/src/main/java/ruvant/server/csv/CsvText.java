package ruvant.server.csv;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import ruvant.core.units.FieldProblem;

/** The text of a table, in whichever encoding it was saved. */
public final class CsvText {
    private static final Charset WINDOWS = Charset.forName("windows-1252");

    private CsvText() {}

    /**
     * UTF-8 where it is that, UTF-16 where a mark says so, else what spreadsheets of western Europe save. Nothing is replaced: a
     * text in none of these is refused.
     *
     * @throws FieldProblem where it cannot be read
     */
    public static String of(byte[] file) {
        if (file.length >= 2
                && (file[0] == (byte) 0xff && file[1] == (byte) 0xfe
                        || file[0] == (byte) 0xfe && file[1] == (byte) 0xff)) {
            return decoded(file, StandardCharsets.UTF_16);
        }
        try {
            return strictly(file, StandardCharsets.UTF_8);
        } catch (CharacterCodingException other) {
            return decoded(file, WINDOWS);
        }
    }

    private static String decoded(byte[] file, Charset charset) {
        try {
            String text = strictly(file, charset);
            if (text.indexOf('\0') < 0) {
                return text;
            }
        } catch (CharacterCodingException unknown) {
            // said below
        }
        throw new FieldProblem(
                "file", "The characters in this file cannot be read.", "Save the table as CSV in UTF-8 and try again.");
    }

    private static String strictly(byte[] file, Charset charset) throws CharacterCodingException {
        return charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(file))
                .toString();
    }
}
