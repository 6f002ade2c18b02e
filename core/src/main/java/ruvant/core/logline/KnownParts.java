package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.PartName;
import ruvant.core.units.Typing;

/** Finds the parts of a job by what a hurried hand typed. */
final class KnownParts {
    private final Valley valley;

    KnownParts(Valley valley) {
        this.valley = valley;
    }

    PartName known(String written) {
        return valley.parts().stream()
                .map(ValleyPart::name)
                .filter(name ->
                        Typing.distance(name.key(), PartName.of(written).key()) <= (written.length() >= 6 ? 2 : 0))
                .findFirst()
                .orElseGet(() -> PartName.of(written));
    }

    /** The name of something that comes off once more, though it be mistyped; else the name as it is. */
    String again(String written) {
        return valley.parts().stream()
                .filter(part -> !part.out())
                .map(part -> part.name().text())
                .filter(name -> Typing.distance(name.toLowerCase(Locale.ROOT), written.toLowerCase(Locale.ROOT))
                        <= (written.length() >= 6 ? 2 : 0))
                .findFirst()
                .orElse(written);
    }

    Optional<PartName> knownIn(String said) {
        String text = said.toLowerCase(Locale.ROOT);
        return valley.parts().stream()
                .map(ValleyPart::name)
                .filter(name -> text.contains(name.key()))
                .max(java.util.Comparator.comparingInt(name -> name.key().length()));
    }

    Optional<ValleyPart> partOut(String written) {
        if (written.isEmpty()) {
            return Optional.empty();
        }
        String key = PartName.of(written).key();
        List<ValleyPart> out = valley.out();
        Optional<ValleyPart> exact =
                out.stream().filter(part -> part.name().key().equals(key)).findFirst();
        List<ValleyPart> near = out.stream()
                .filter(part -> part.name().key().contains(key)
                        || Typing.distance(part.name().key(), key) <= (key.length() >= 6 ? 2 : 1))
                .toList();
        return exact.or(() -> near.size() == 1 ? Optional.of(near.getFirst()) : Optional.empty());
    }

    List<String> partNames(String start, boolean outOnly) {
        return (outOnly ? valley.out() : valley.parts())
                .stream()
                        .map(part -> part.name().text())
                        .filter(name -> name.toLowerCase(Locale.ROOT).contains(start.toLowerCase(Locale.ROOT)))
                        .toList();
    }

    static List<String> pieces(ValleyPart part) {
        List<String> pieces = new ArrayList<>();
        part.removed().loose().forEach(one -> pieces.add(one.name()));
        part.removed().fasteners().forEach(one -> pieces.add(one.type()));
        pieces.add(part.name().text());
        return pieces;
    }
}
