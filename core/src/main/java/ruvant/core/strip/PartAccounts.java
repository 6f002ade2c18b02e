package ruvant.core.strip;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Draws up the accounts of the places at one part. */
final class PartAccounts {
    private final PartTrack part;
    private final PlaceFold said;

    PartAccounts(PartTrack part, PlaceFold said) {
        this.part = part;
        this.said = said;
    }

    List<PlaceAccount> all() {
        Map<String, Integer> required = part.required();
        Set<String> pieces = new LinkedHashSet<>(required.keySet());
        said.piecesAt(part.name).stream()
                .filter(piece -> pieces.stream().noneMatch(piece::equalsIgnoreCase))
                .forEach(pieces::add);
        List<PlaceAccount> accounts = new ArrayList<>();
        for (String piece : pieces) {
            accounts.add(account(new PiecePlace(part.name, piece), required.getOrDefault(piece, 0)));
        }
        return accounts;
    }

    private PlaceAccount account(PiecePlace place, int found) {
        int missing = said.missingAt(place);
        int required = found + missing;
        PlaceAccount.Filled filled = filled(place.piece());
        int empty = Math.max(0, required - filled.back() - filled.replaced() - filled.out());
        PlaceFold.Empty left = left(place, empty);
        return new PlaceAccount(
                place,
                Math.max(required, filled.back() + filled.replaced() + filled.out()),
                found,
                missing,
                filled,
                part.gone(place.piece()),
                Math.min(empty, left.count()),
                empty == 0 || left.count() == 0 ? "" : left.why(),
                Math.max(0, empty - left.count()));
    }

    private PlaceAccount.Filled filled(String piece) {
        return switch (part.state) {
            case OUT -> new PlaceAccount.Filled(0, part.fitted(piece), Math.max(0, part.left(piece)));
            case LEFT_OUT -> new PlaceAccount.Filled(0, 0, 0);
            case BACK -> part.filled(piece);
        };
    }

    private PlaceFold.Empty left(PiecePlace place, int empty) {
        if (part.state == ValleyPart.State.LEFT_OUT) {
            return new PlaceFold.Empty(empty, part.leftOutReason());
        }
        PlaceFold.Empty own = said.emptyAt(place);
        if (own.count() >= empty) {
            return own;
        }
        PlaceFold.Empty atRefit = part.leftEmpty(place.piece());
        return atRefit.count() > 0 ? atRefit : own;
    }
}
