package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ruvant.core.logline.Reading.LineWay;
import ruvant.core.said.Heard;
import ruvant.core.said.Statement;
import ruvant.core.said.StatementKind;

/** What a piece of a line can be taken for: what the reader held for possible, then the kinds that hold it as it stands. */
final class WaysToTake {
    /** Kinds that can hold any words, each with the field that holds them, those that do least harm first. */
    private static final Map<StatementKind, String> IN_WORDS = in(
            StatementKind.FINDING, "condition",
            StatementKind.SYMPTOM, "says",
            StatementKind.SUSPECT, "what",
            StatementKind.NEED, "part",
            StatementKind.DECISION, "decide",
            StatementKind.SLIP, "what",
            StatementKind.MODEL_NOTE, "says",
            StatementKind.ADVICE, "says",
            StatementKind.REMOVED, "part");

    private WaysToTake() {}

    private static Map<StatementKind, String> in(Object... pairs) {
        Map<StatementKind, String> all = new java.util.LinkedHashMap<>();
        for (int at = 0; at < pairs.length; at += 2) {
            all.put((StatementKind) pairs[at], (String) pairs[at + 1]);
        }
        return all;
    }

    /** All ways, with what it is taken for among them. */
    static List<Statement> of(Heard.Piece piece, Statement said) {
        List<Statement> all = new ArrayList<>();
        piece.said().ifPresent(all::add);
        piece.others().stream()
                .filter(other -> all.stream().noneMatch(one -> told(one).equals(told(other))))
                .forEach(all::add);
        all.add(new Statement(StatementKind.REMARK, Map.of("says", piece.words())));
        IN_WORDS.forEach((kind, field) -> {
            if (all.stream().noneMatch(one -> one.kind() == kind)) {
                all.add(new Statement(kind, Map.of(field, piece.words())));
            }
        });
        if (!all.contains(said)) {
            // what a person corrected stands where the reading of that kind stood
            int at = all.stream().map(Statement::kind).toList().indexOf(said.kind());
            if (at >= 0) {
                all.set(at, said);
            } else {
                all.addFirst(said);
            }
        }
        return all;
    }

    /** What tells two ways apart for who chooses: the kind, and what it is about; the rest is corrected field by field. */
    private static List<String> told(Statement one) {
        return List.of(one.kind().name(), one.text("part"), one.text("what"), one.text("function"), one.text("speed"));
    }

    static LineWay way(Statement said) {
        return new LineWay(said.kind(), KindForm.of(said.kind()).label(), said.fields());
    }
}
