package ruvant.server.owner;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.MessageFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Properties;

/** What a customer reads, in the customer's language; all of it stands in one file for each language. */
public final class OwnerTexts {
    /** The language that ships. */
    public static final OwnerTexts ENGLISH = new OwnerTexts(Locale.ENGLISH);

    private final Locale language;
    private final DateTimeFormatter day;
    private final Properties texts = new Properties();

    private OwnerTexts(Locale language) {
        this.language = language;
        this.day = DateTimeFormatter.ofPattern("d MMMM uuuu", language);
        String file = "/ruvant/owner/" + language.getLanguage() + ".properties";
        try (var in = OwnerTexts.class.getResourceAsStream(file)) {
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException problem) {
            throw new UncheckedIOException("The texts for owners cannot be read: " + file, problem);
        }
    }

    /**
     * A text with what it is about.
     *
     * @param with names, dates as {@link #day} writes them, amounts as the shop writes them
     * @throws IllegalArgumentException where there is no such text
     */
    public String say(String key, Object... with) {
        String text = texts.getProperty(key);
        if (text == null) {
            throw new IllegalArgumentException("There is no text for owners called " + key);
        }
        return new MessageFormat(text, language).format(with);
    }

    /** A day as the language writes it. */
    public String day(LocalDate date) {
        return day.format(date);
    }

    /** The names of all texts. */
    public Iterable<String> keys() {
        return texts.stringPropertyNames();
    }
}
