package ruvant.core.strip;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How many pieces a stack has and how thick it is, as far as its lines say: "2 × shim 0.05 mm" are two pieces of 0.10 mm
 * together.
 */
final class StackSize {
    private static final Pattern COUNT = Pattern.compile("^(\\d{1,2}) ?(?:×|x\\b|pcs\\b|pieces\\b|of\\b)");
    private static final Pattern THICKNESS = Pattern.compile("(?<![\\d.,])(\\d{0,2}[.,]\\d{1,3}|\\d{1,2}) ?mm\\b");

    private StackSize() {}

    /** In words, such as "3 pieces, 0.35 mm together"; the thickness only where every piece names exactly one. */
    static String words(List<String> stack) {
        int pieces = stack.stream().mapToInt(StackSize::count).sum();
        String number = pieces == 1 ? "1 piece" : pieces + " pieces";
        return thickness(stack)
                .map(all -> String.format(Locale.ROOT, "%s, %.2f mm together", number, all))
                .orElse(number);
    }

    private static int count(String line) {
        Matcher matcher = COUNT.matcher(line.strip());
        return matcher.find() ? Math.max(1, Integer.parseInt(matcher.group(1))) : 1;
    }

    private static Optional<Double> thickness(List<String> stack) {
        double all = 0;
        for (String line : stack) {
            List<String> said = THICKNESS
                    .matcher(line)
                    .results()
                    .map(found -> found.group(1).replace(',', '.'))
                    .toList();
            if (said.size() != 1) {
                return Optional.empty();
            }
            all += count(line) * Double.parseDouble(said.getFirst());
        }
        return Optional.of(all);
    }
}
