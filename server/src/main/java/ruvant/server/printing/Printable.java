package ruvant.server.printing;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Text as the fonts that ship can print it: a sign that none of them has is printed as its name. */
final class Printable {
    private final List<Font> fonts;
    private final Map<Integer, String> known = new ConcurrentHashMap<>();

    /** @param files the fonts, by their file names */
    Printable(List<String> files) {
        this.fonts = files.stream().map(Printable::font).toList();
    }

    private static Font font(String file) {
        try (InputStream in = PdfPrinter.class.getResourceAsStream("/fonts/" + file)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (FontFormatException shipped) {
            throw new IllegalStateException(file, shipped);
        }
    }

    /** A page with every sign it holds printable. */
    String of(String page) {
        if (page.codePoints().allMatch(c -> c < 0x250)) {
            return page;
        }
        StringBuilder printable = new StringBuilder(page.length());
        page.codePoints().forEach(c -> {
            if (c < 0x250) {
                printable.appendCodePoint(c);
            } else {
                printable.append(known.computeIfAbsent(c, this::printed));
            }
        });
        return printable.toString();
    }

    private String printed(int c) {
        if (UCharacter.hasBinaryProperty(c, UProperty.VARIATION_SELECTOR)) {
            return "";
        }
        if (fonts.stream().anyMatch(font -> font.canDisplay(c))) {
            return Character.toString(c);
        }
        // what only says how the sign before it is to look, or joins two, has no look of its own
        if (UCharacter.hasBinaryProperty(c, UProperty.DEFAULT_IGNORABLE_CODE_POINT)
                || UCharacter.hasBinaryProperty(c, UProperty.EMOJI_MODIFIER)) {
            return "";
        }
        String name = UCharacter.getName(c);
        return name == null ? "?" : "(" + name.toLowerCase(Locale.ROOT) + ")";
    }
}
