package ruvant.core.log;

import ruvant.core.units.Check;

/**
 * What a log is called: a job's by its tag, the shop's own by a word.
 *
 * @param text such as "R-0412" or "shelf"
 */
public record LogName(String text) {
    public LogName {
        text = Check.name("log", text);
    }

    @Override
    public String toString() {
        return text;
    }
}
