package ruvant.core.logline;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.JobPicture;
import ruvant.core.said.StatementKind;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.PartName;

/** Words that could stand where the cursor is. */
final class Suggestions {
    private static final Pattern OFF = Pattern.compile("(?i)(?:off|remove|unscrew|take off|took off)(?: +([^,;]*))?");
    private static final Pattern BACK = Pattern.compile("(?i)(?:back|put back|refit)(?: +([^,;]*))?");

    /** No part has a longer name. */
    private static final int LONGEST = 100;

    /** Words with which lines begin, for a word that was begun. */
    private static final List<String> BEGINNINGS = List.of(
            "advise ",
            "back ",
            "battery to use ",
            "cause ",
            "check ",
            "clean ",
            "clear ",
            "decide ",
            "destroyed ",
            "done ",
            "ear ",
            "found ",
            "good",
            "got up",
            "leave alone ",
            "leave out ",
            "let down ",
            "lost ",
            "mend ",
            "miss",
            "missing ",
            "move ",
            "need ",
            "note ",
            "off ",
            "oil ",
            "outside ",
            "over ",
            "photo ",
            "replace ",
            "root ",
            "scope ",
            "sign ",
            "sit ",
            "slip ",
            "surplus ",
            "suspect ",
            "swap ",
            "symptom ",
            "time ",
            "tool lacking ",
            "trial ",
            "tried ",
            "turn ",
            "wait ",
            "wound ");

    private final JobPicture picture;
    private final Supplier<ModelKnowledge> earlier;

    Suggestions(JobPicture picture, Supplier<ModelKnowledge> earlier) {
        this.picture = picture;
        this.earlier = earlier;
    }

    List<String> at(String text, List<Reading.Chip> chips) {
        Matcher off = OFF.matcher(text);
        if (off.matches()) {
            return comingOff(off.group(1) == null ? "" : off.group(1).strip());
        }
        Matcher back = BACK.matcher(text);
        if (back.matches()) {
            return goingBack(back.group(1) == null ? "" : back.group(1).strip());
        }
        boolean asksForPart = chips.stream()
                .anyMatch(chip -> chip.trouble().isPresent()
                        && (chip.kind() == StatementKind.LOST || chip.kind() == StatementKind.DESTROYED));
        if (asksForPart) {
            return picture.valley().out().stream()
                    .map(part -> "of " + part.name())
                    .toList();
        }
        String begun = text.toLowerCase(Locale.ROOT);
        return text.contains(" ")
                ? List.of()
                : BEGINNINGS.stream()
                        .filter(one -> one.startsWith(begun) && one.strip().length() > begun.length())
                        .map(String::strip)
                        .toList();
    }

    private List<String> goingBack(String begun) {
        String start = begun.toLowerCase(Locale.ROOT);
        return picture.valley().out().stream()
                .map(part -> part.name().text())
                .filter(name -> name.toLowerCase(Locale.ROOT).contains(start) && name.length() > begun.length())
                .toList();
    }

    private List<String> comingOff(String begun) {
        if (begun.length() > LONGEST) {
            return List.of();
        }
        ModelKnowledge known = earlier.get();
        List<String> usual = beginning(known.next(picture.valley()).stream().map(KnownPart::name), begun);
        // somebody who began another name goes another way
        Stream<String> names = (usual.isEmpty() ? beginning(anyOther(known), begun) : usual).stream();
        Stream<String> fasteners = (begun.isEmpty() ? Optional.<KnownPart>empty() : known.part(begun))
                .stream()
                        .filter(part -> !part.held().fasteners().isEmpty())
                        .map(part -> ", "
                                + part.held().fasteners().stream()
                                        .map(Shorthand::of)
                                        .collect(Collectors.joining(" + ")));
        return Stream.concat(fasteners, names).toList();
    }

    private static List<String> beginning(Stream<String> names, String begun) {
        String start = begun.toLowerCase(Locale.ROOT);
        return names.filter(name -> name.toLowerCase(Locale.ROOT).startsWith(start) && name.length() > begun.length())
                .toList();
    }

    /** Whatever else such cameras have. */
    private Stream<String> anyOther(ModelKnowledge known) {
        Set<PartName> met = new HashSet<>();
        picture.valley().parts().stream().map(ValleyPart::name).forEach(met::add);
        return known.parts().stream().map(KnownPart::name).filter(name -> !met.contains(PartName.of(name)));
    }
}
