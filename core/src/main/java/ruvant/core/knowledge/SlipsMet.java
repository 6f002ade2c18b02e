package ruvant.core.knowledge;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.sitting.SittingTime;
import ruvant.core.units.PartName;

/** Tells which slips of a job speak of a part. */
final class SlipsMet {
    private SlipsMet() {}

    static List<String> at(PartName part, List<SittingTime.Slip> slips) {
        Pattern named = Pattern.compile("\\b" + Pattern.quote(part.key()) + "\\b");
        return slips.stream()
                .map(SittingTime.Slip::what)
                .map(SlipsMet::words)
                .filter(words -> named.matcher(words.toLowerCase(Locale.ROOT)).find())
                .toList();
    }

    private static String words(SittingEntry.Slipped slip) {
        return Stream.of(slip.wrong(), slip.shown(), slip.putRight())
                .filter(one -> !one.isEmpty())
                .collect(Collectors.joining("; "));
    }
}
