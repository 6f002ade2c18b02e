package ruvant.core.said.taught;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiPredicate;
import ruvant.core.said.Statement;
import ruvant.core.said.StatementKind;

/** What a correction teaches: words of the line that a person says are a part, a condition, a tool. */
public final class Lesson {
    /** A longer phrase is a sentence and no word. */
    private static final int LONGEST = 4;

    /** A field of a statement whose words belong to a class. */
    private record Teaches(StatementKind kind, String field, WordClass as) {}

    private static final List<Teaches> FIELDS = List.of(
            new Teaches(StatementKind.FINDING, "condition", WordClass.CONDITION),
            new Teaches(StatementKind.TOOL, "tool", WordClass.TOOL),
            new Teaches(StatementKind.MENDED, "how", WordClass.MENDED),
            new Teaches(StatementKind.VISITOR_SIGN, "sign", WordClass.SIGN),
            new Teaches(StatementKind.SPRING, "what", WordClass.SPRING),
            new Teaches(StatementKind.ADJUSTED, "adjuster", WordClass.ADJUSTER),
            new Teaches(StatementKind.FUNCTION, "function", WordClass.FUNCTION),
            new Teaches(StatementKind.WAIT, "what", WordClass.WAIT));

    private Lesson() {}

    /**
     * Words that are new.
     *
     * @param typed the words of the line that were corrected
     * @param said what a person made of them
     * @param known whether a phrase is in a class of words already
     */
    public static List<TaughtWord> of(String typed, Statement said, BiPredicate<String, String> known) {
        List<TaughtWord> words = new ArrayList<>();
        if (said.kind() == StatementKind.REMARK) {
            words.add(new TaughtWord(plain(typed), WordClass.REMARK, typed));
        }
        learn(typed, said.text("part"), WordClass.PART, known, words);
        FIELDS.stream()
                .filter(one -> one.kind() == said.kind())
                .forEach(one -> learn(typed, said.text(one.field()), one.as(), known, words));
        if (said.kind() == StatementKind.TREATED) {
            boolean oil = said.text("action").equals("lubricate");
            learn(typed, said.text("agent"), oil ? WordClass.LUBRICANT : WordClass.AGENT, known, words);
        }
        return words;
    }

    private static void learn(
            String typed, String phrase, WordClass as, BiPredicate<String, String> known, List<TaughtWord> words) {
        String word = plain(phrase);
        String line = " " + plain(typed) + " ";
        boolean stands = !word.isEmpty()
                && line.contains(" " + word + " ")
                && !line.strip().equals(word);
        if (stands && word.split(" ").length <= LONGEST && !known.test(as.words(), word)) {
            words.add(new TaughtWord(word, as, typed));
        }
    }

    /** In small letters, without marks: how phrases are compared. */
    public static String plain(String words) {
        return words.toLowerCase(Locale.ROOT)
                .replaceAll("\\.(?!\\p{N})", " ")
                .replaceAll("[^\\p{L}\\p{N}/.]+", " ")
                .strip();
    }
}
