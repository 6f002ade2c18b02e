package ruvant.core.adjust;

import java.util.List;
import ruvant.core.units.Named;

/**
 * Which adjuster moves which result, as far as it is known.
 *
 * @param known the adjusters of a camera
 */
public record WhatMoves(List<AdjustEntry.AdjusterDescribed> known) {
    /** Nothing is known: whatever is turned may move everything. */
    public static final WhatMoves UNKNOWN = new WhatMoves(List.of());

    /** What is known of the adjusters of a camera: what was said of them, and beside it what the book says. */
    public static WhatMoves on(AdjustPicture picture, List<AdjustEntry.AdjusterDescribed> ofTheBook) {
        return new WhatMoves(picture.adjusters().stream()
                .map(AdjustPicture.Known::what)
                .map(what -> what.moves().isEmpty()
                        ? ofTheBook.stream()
                                .filter(one -> one.name().equals(what.name()))
                                .findFirst()
                                .orElse(what)
                        : what)
                .toList());
    }

    /** What moves a result is known; where nothing is known to, whatever is turned that moves nothing else may. */
    public boolean moves(Named adjuster, Named result) {
        List<AdjustEntry.AdjusterDescribed> moving =
                known.stream().filter(one -> one.moves(result)).toList();
        return moving.isEmpty()
                ? known.stream()
                        .filter(one -> one.name().equals(adjuster))
                        .allMatch(one -> one.moves().isEmpty())
                : moving.stream().anyMatch(one -> one.name().equals(adjuster));
    }
}
