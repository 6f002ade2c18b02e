package ruvant.core.strip;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
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
        Set<String> names = new LinkedHashSet<>(part.pieces.found().keySet());
        names.addAll(part.pieces.all().keySet());
        said.piecesAt(part.name).stream()
                .filter(piece -> names.stream().noneMatch(piece::equalsIgnoreCase))
                .forEach(names::add);
        List<PlaceAccount> accounts = new ArrayList<>();
        names.forEach(piece -> accounts.add(account(new PiecePlace(part.name, piece))));
        return accounts;
    }

    private PlaceAccount account(PiecePlace place) {
        int missing = said.missingAt(place);
        // what was fitted before the part ever came off was among what came off with it
        int found = Math.max(
                0, part.pieces.found().getOrDefault(place.piece(), 0) - Math.min(missing, said.fittedAt(place)));
        PlaceAccount.Filled filled = filled(place.piece());
        int inPlace = filled.back() + filled.replaced() + filled.out();
        int required = Math.max(Math.max(found + missing, part.pieces.cameOff(place.piece())), inPlace);
        int empty = required - inPlace;
        PlaceFold.Empty left = left(place, empty);
        return new PlaceAccount(
                place,
                required,
                found,
                missing,
                filled,
                strays(place.piece()),
                left.count(),
                left.why(),
                empty - left.count());
    }

    private PlaceAccount.Filled filled(String piece) {
        return switch (part.state) {
            case OUT -> new PlaceAccount.Filled(0, part.pieces.fitted(piece), Math.max(0, part.pieces.left(piece)));
            case LEFT_OUT -> new PlaceAccount.Filled(0, 0, 0);
            case BACK -> filledAgain(piece);
        };
    }

    private PlaceAccount.Filled filledAgain(String piece) {
        int since = part.pieces.fittedSince(piece);
        int left = Math.max(0, part.pieces.left(piece));
        if (piece.equals(part.name.text())) {
            boolean another = part.replacedOld().isPresent() || left == 0;
            return new PlaceAccount.Filled(another ? 0 : 1, another ? 1 : 0, 0);
        }
        if (part.isFastener(piece)) {
            FastenersBack back = part.saidOf(piece).orElse(new FastenersBack(piece, 0, 0, 0));
            return new PlaceAccount.Filled(
                    Math.min(part.pieces.cameOff(piece), back.back()), back.replaced() + since, 0);
        }
        return new PlaceAccount.Filled(left, part.pieces.fitted(piece) + since, 0);
    }

    /** How many of the empty places stay so by what was said: of them, of the part, or of the way it went back. */
    private PlaceFold.Empty left(PiecePlace place, int empty) {
        if (empty == 0) {
            return PlaceFold.Empty.NONE;
        }
        if (part.state == ValleyPart.State.LEFT_OUT) {
            return new PlaceFold.Empty(empty, part.leftOutReason());
        }
        PlaceFold.Empty own = said.emptyAt(place);
        return own.count() >= empty
                ? own.atMost(empty)
                : own.and(atRefit(place.piece(), empty)).atMost(empty);
    }

    private PlaceFold.Empty atRefit(String piece, int empty) {
        Optional<FastenersBack> counted = part.saidOf(piece).filter(one -> one.empty() > 0);
        if (counted.isPresent()) {
            return new PlaceFold.Empty(counted.get().empty(), counted.get().why());
        }
        String check = CheckIds.of("loose", piece, "").id();
        String why = part.checks.values().stream()
                .filter(one -> one.what().is(check) && one.state() == GateCheck.State.WAIVED)
                .findFirst()
                .map(GateCheck::reason)
                .or(() -> part.wentBack().map(WentBack::overrideReason))
                .orElse("");
        return why.isEmpty() ? PlaceFold.Empty.NONE : new PlaceFold.Empty(empty, why);
    }

    private PlaceAccount.Strays strays(String piece) {
        int spoken = part.saidOf(piece).map(one -> one.back() + one.lost()).orElse(0);
        boolean counted = part.state == ValleyPart.State.BACK && part.isFastener(piece);
        return new PlaceAccount.Strays(
                Math.max(0, part.pieces.missing(piece)),
                part.pieces.destroyed(piece),
                part.pieces.spare(piece),
                counted ? Math.max(0, part.pieces.cameOff(piece) - spoken) : 0);
    }
}
