package ruvant.core.said;

import java.util.List;
import java.util.Optional;

/**
 * What a line was read as: statements, or a remark.
 *
 * @param statements in the order of the line; none where it is a remark
 * @param remark the whole line where nothing is concluded from it; empty otherwise
 * @param question what would have to be known to read it; empty where there is nothing to ask
 */
public record LineReading(List<Statement> statements, Optional<String> remark, Optional<String> question) {
    public LineReading {
        statements = List.copyOf(statements);
    }

    static LineReading kept(String line) {
        return new LineReading(List.of(), Optional.of(line), Optional.empty());
    }

    static LineReading asking(String line, String question) {
        return new LineReading(List.of(), Optional.of(line), Optional.of(question));
    }

    static LineReading of(List<Statement> statements) {
        return new LineReading(statements, Optional.empty(), Optional.empty());
    }
}
