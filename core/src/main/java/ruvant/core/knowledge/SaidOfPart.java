package ruvant.core.knowledge;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.sitting.SittingTime;
import ruvant.core.trade.ToolStatus;
import ruvant.core.units.PartName;

/** What a job said of a part besides how it came off: what went wrong there, which tool served, what is true of the model. */
record SaidOfPart(List<String> slips, List<String> remarks) {
    /** Of a part in one job. */
    static SaidOfPart of(PartName part, SittingTime sitting) {
        Pattern named = Pattern.compile("\\b" + Pattern.quote(part.key()) + "\\b");
        List<String> slips = sitting.slips().stream()
                .map(SittingTime.Slip::what)
                .filter(slip -> part.equals(slip.part())
                        || named.matcher(words(slip).toLowerCase(Locale.ROOT)).find())
                .map(SaidOfPart::words)
                .toList();
        Stream<String> truths = sitting.ofTheModel().stream()
                .map(SittingTime.OfTheModel::what)
                .filter(one -> PartName.of(one.about().isEmpty() ? "camera" : one.about())
                        .equals(part))
                .map(one -> one.says() + (one.sure() ? "" : " (not certain)"));
        Stream<String> tools = sitting.tools().stream()
                .map(SittingTime.ToolWord::what)
                .filter(tool -> part.equals(tool.part()))
                .map(SaidOfPart::words);
        return new SaidOfPart(slips, Stream.concat(truths, tools).toList());
    }

    private static String words(SittingEntry.Slipped slip) {
        return Stream.of(slip.wrong(), slip.shown(), slip.putRight())
                .filter(one -> !one.isEmpty())
                .collect(Collectors.joining("; "));
    }

    private static String words(SittingEntry.ToolSaid tool) {
        String why = tool.why().isEmpty() ? "" : ", " + tool.why();
        return tool.status() == ToolStatus.USED
                ? tool.tool() + " serves" + why
                : tool.tool() + " " + tool.status().label() + why;
    }
}
