package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;
import ruvant.core.units.Typing;

/** Finds the parts of a job by what a hurried hand typed. */
final class KnownParts {
    /** Two letters are forgiven in names of this length and longer, none in shorter ones. */
    private static final int LONG = 6;

    private final Valley valley;

    KnownParts(Valley valley) {
        this.valley = valley;
    }

    private static boolean near(String known, String written) {
        return Typing.distance(known, written) <= (written.length() >= LONG ? 2 : 0);
    }

    /** A part of this camera, or the name as it was written. */
    PartName known(String written) {
        String key = PartName.of(written).key();
        return valley.parts().stream()
                .map(ValleyPart::name)
                .filter(name -> near(name.key(), key))
                .findFirst()
                .orElseGet(() -> PartName.of(written));
    }

    /** The name of something that comes off once more, though it be mistyped; else the name as it is. */
    String again(String written) {
        String key = PartName.of(written).key();
        return valley.parts().stream()
                .filter(part -> !part.out())
                .map(ValleyPart::name)
                .filter(name -> near(name.key(), key))
                .map(PartName::text)
                .findFirst()
                .orElse(written);
    }

    /** The part of this camera whose name stands in these words; the longest where several do. */
    Optional<PartName> knownIn(String said) {
        String text = said.toLowerCase(java.util.Locale.ROOT);
        return valley.parts().stream()
                .map(ValleyPart::name)
                .filter(name -> text.contains(name.key()))
                .max(java.util.Comparator.comparingInt(name -> name.key().length()));
    }

    /** What a fastener holds: the part of which it is spoken, or a part of that name. */
    PartName holding(String fastener) {
        return knownIn(fastener).orElseGet(() -> PartName.of(fastener));
    }

    Optional<ValleyPart> out(String written) {
        if (written.isEmpty()) {
            return Optional.empty();
        }
        String key = PartName.of(written).key();
        List<ValleyPart> out = valley.out();
        Optional<ValleyPart> exact =
                out.stream().filter(part -> part.name().key().equals(key)).findFirst();
        List<ValleyPart> near = out.stream()
                .filter(part ->
                        part.name().key().contains(key) || near(part.name().key(), key))
                .toList();
        return exact.or(() -> near.size() == 1 ? Optional.of(near.getFirst()) : Optional.empty());
    }

    /**
     * The part that is off and is called so.
     *
     * @throws FieldProblem where none is, or several are
     */
    PartName mustBeOut(String written) {
        return out(written)
                .map(ValleyPart::name)
                .orElseThrow(() -> new FieldProblem(
                        "part",
                        written.isEmpty() ? "No part is named." : "No part that is off is called “" + written + "”.",
                        valley.out().isEmpty()
                                ? "Nothing is off."
                                : "Off are: "
                                        + String.join(
                                                ", ",
                                                valley.out().stream()
                                                        .map(part -> part.name().text())
                                                        .limit(8)
                                                        .toList())
                                        + "."));
    }

    static List<String> pieces(ValleyPart part) {
        List<String> pieces = new ArrayList<>();
        part.removed().loose().forEach(one -> pieces.add(one.name()));
        part.removed().fasteners().forEach(one -> pieces.add(one.type()));
        pieces.add(part.name().text());
        return pieces;
    }
}
