package ruvant.core.said.taught;

import java.util.Locale;
import ruvant.core.units.Check;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;

/**
 * A word of the shop's own.
 *
 * @param id of the word and what it was taught as
 * @param phrase the word or words, in small letters
 * @param as what it means
 * @param line the words in which it was met
 */
public record TaughtWord(String id, String phrase, WordClass as, String line) implements Identified, Labelled {
    public TaughtWord {
        phrase = Check.name("phrase", phrase).toLowerCase(Locale.ROOT);
        Check.chosen("as", as);
        line = Check.optionalRemark("line", line);
        id = as.name().toLowerCase(Locale.ROOT) + "." + Named.idOf(phrase);
    }

    /** A word as it was met. */
    public TaughtWord(String phrase, WordClass as, String line) {
        this("", phrase, as, line);
    }

    @Override
    public String label() {
        return "“" + phrase + "” is " + as.label();
    }
}
