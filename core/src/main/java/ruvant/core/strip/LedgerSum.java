package ruvant.core.strip;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.OldPiece;

/** Adds up pieces and places, part by part. */
final class LedgerSum {
    private int back;
    private int lost;
    private int destroyed;
    private int toStock;
    private int leftOut;
    private int out;
    private int unaccounted;
    private int substituted;
    private int empty;
    private final List<String> missing = new ArrayList<>();

    void add(ValleyPart part) {
        int pieces = part.pieces();
        switch (part.state()) {
            case OUT -> out += pieces - gone(part);
            case LEFT_OUT -> leftOut += pieces - gone(part);
            case BACK -> {
                itself(part);
                part.removed().loose().forEach(loose -> loose(part, loose.name(), loose.count()));
                part.gone().unlisted().forEach(piece -> loose(part, piece.what(), piece.count()));
                part.removed().fasteners().stream()
                        .filter(one -> !one.staysIn())
                        .forEach(one -> fastener(part, one));
            }
        }
    }

    private int gone(ValleyPart part) {
        int nowLost =
                part.gone().lost().stream().mapToInt(ValleyPart.Piece::count).sum();
        int nowDestroyed = part.gone().destroyed().stream()
                .mapToInt(ValleyPart.Piece::count)
                .sum();
        lost += nowLost;
        destroyed += nowDestroyed;
        return nowLost + nowDestroyed;
    }

    /** Where the part is back, its place is filled: with itself, or with another and the old one went somewhere. */
    private void itself(ValleyPart part) {
        String name = part.name().text();
        OldPiece old = part.gone().replacedOld().orElse(null);
        if (ValleyPart.countOf(part.gone().destroyed(), name) > 0 || old == OldPiece.SCRAPPED) {
            destroyed++;
        } else if (ValleyPart.countOf(part.gone().lost(), name) > 0) {
            lost++;
        } else if (old != null) {
            toStock++;
        } else {
            back++;
            return;
        }
        substituted++;
    }

    private void loose(ValleyPart part, String name, int count) {
        int nowSpare = ValleyPart.countOf(part.gone().spare(), name);
        int nowLost = ValleyPart.countOf(part.gone().lost(), name) - nowSpare;
        int nowDestroyed = ValleyPart.countOf(part.gone().destroyed(), name);
        lost += nowLost;
        destroyed += nowDestroyed;
        toStock += nowSpare;
        back += count - nowLost - nowDestroyed - nowSpare;
    }

    private void fastener(ValleyPart part, Fastener fastener) {
        FastenersBack said = part.settled().wentBack().stream()
                .flatMap(how -> how.fasteners().stream())
                .filter(one -> one.type().equals(fastener.type()))
                .findFirst()
                .orElse(new FastenersBack(fastener.type(), 0, 0, 0));
        int nowBack = Math.min(fastener.count(), said.back());
        int spoken = Math.min(fastener.count(), said.back() + said.lost());
        int broken = Math.min(spoken - nowBack, ValleyPart.countOf(part.gone().destroyed(), fastener.type()));
        back += nowBack;
        destroyed += broken;
        int nowSpare = Math.min(
                spoken - nowBack - broken, ValleyPart.countOf(part.gone().spare(), fastener.type()));
        toStock += nowSpare;
        lost += spoken - nowBack - broken - nowSpare;
        unaccounted += fastener.count() - spoken;
        substituted += said.replaced();
        empty += Math.max(0, fastener.count() - said.back() - said.replaced());
        if (fastener.count() > spoken) {
            missing.add((fastener.count() - spoken) + " × " + fastener.type() + " of “" + part.name() + "”"
                    + part.lastSeen().map(seen -> ", " + seen).orElse(""));
        }
    }

    Ledger ledger(int off) {
        return new Ledger(
                off,
                new Ledger.Pieces(back, lost, destroyed, toStock, leftOut, out, unaccounted),
                new Ledger.Places(substituted, empty),
                List.copyOf(missing));
    }
}
