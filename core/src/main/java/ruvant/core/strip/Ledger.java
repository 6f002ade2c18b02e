package ruvant.core.strip;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.job.Fastener;
import ruvant.core.job.RefitEntry;

/**
 * The two balances of a job. Pieces: off = back + lost + left out + out + unaccounted. Places: had = filled again +
 * filled with another + empty + not yet closed.
 *
 * @param off pieces that ever came off, at the last removal of each part
 * @param out pieces still in the tray
 * @param unaccounted pieces of parts that are back on without a word about them
 * @param missing what is unaccounted or lost and not replaced, in words
 */
public record Ledger(
        int off,
        int back,
        int lost,
        int leftOut,
        int out,
        int unaccounted,
        int placesSubstituted,
        int placesEmpty,
        List<String> missing) {

    /** Whether every piece is somewhere that is known and meant. */
    public boolean closed() {
        return notAccounted() == 0;
    }

    /** Pieces that are neither back nor known to be lost, left out or replaced. */
    public int notAccounted() {
        return out + unaccounted;
    }

    /** The balances of a valley. */
    public static Ledger of(Valley valley) {
        Sum sum = new Sum();
        valley.parts().forEach(sum::add);
        return new Ledger(
                sum.off,
                sum.back,
                sum.lost,
                sum.leftOut,
                sum.out,
                sum.unaccounted,
                sum.substituted,
                sum.empty,
                sum.missing);
    }

    private static final class Sum {
        private int off;
        private int back;
        private int lost;
        private int leftOut;
        private int out;
        private int unaccounted;
        private int substituted;
        private int empty;
        private final List<String> missing = new ArrayList<>();

        void add(ValleyPart part) {
            int pieces = part.removed().pieces();
            int gone = part.lost().stream().mapToInt(ValleyPart.Piece::count).sum();
            off += pieces;
            switch (part.state()) {
                case OUT -> {
                    lost += gone;
                    out += pieces - gone;
                }
                case LEFT_OUT -> {
                    lost += gone;
                    leftOut += pieces - gone;
                }
                case BACK -> addBack(part);
            }
        }

        private void addBack(ValleyPart part) {
            back++;
            part.removed().loose().forEach(loose -> {
                int gone = lostOf(part, loose.name());
                lost += gone;
                back += loose.count() - gone;
            });
            for (Fastener fastener : part.removed().fasteners()) {
                if (!fastener.staysIn()) {
                    addFastener(part, fastener);
                }
            }
        }

        private void addFastener(ValleyPart part, Fastener fastener) {
            RefitEntry.FastenersBack said = part.refitted().stream()
                    .flatMap(refit -> refit.fasteners().stream())
                    .filter(one -> one.type().equals(fastener.type()))
                    .findFirst()
                    .orElse(new RefitEntry.FastenersBack(fastener.type(), 0, 0, 0));
            int spoken = Math.min(fastener.count(), said.back() + said.lost());
            back += Math.min(fastener.count(), said.back());
            lost += spoken - Math.min(fastener.count(), said.back());
            unaccounted += fastener.count() - spoken;
            substituted += said.replaced();
            int left = Math.max(0, fastener.count() - said.back() - said.replaced());
            empty += left;
            if (fastener.count() > spoken) {
                missing.add((fastener.count() - spoken) + " × " + fastener.type() + " of “" + part.name() + "”"
                        + part.lastSeen().map(seen -> ", " + seen).orElse(""));
            }
        }

        private static int lostOf(ValleyPart part, String piece) {
            return part.lost().stream()
                    .filter(one -> one.what().equals(piece))
                    .mapToInt(ValleyPart.Piece::count)
                    .sum();
        }
    }
}
