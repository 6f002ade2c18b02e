package ruvant.core.refit;

import java.util.List;
import java.util.Locale;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;

/**
 * Moving parts that were washed and not oiled since. Glass, contacts and covers are washed too and want no oil, so only
 * names that speak of something turning or sliding count; and an oiling counts for a part when it speaks of the same
 * thing, since people clean "the slow escapement" and oil "escapement pivots".
 */
final class DryPoints {
    private DryPoints() {}

    static List<PartName> of(TreatPicture treat, TradeLists lists) {
        return treat.cleaned().stream()
                .map(one -> one.what().part())
                .distinct()
                .filter(lists::moves)
                .filter(part -> treat.lubricated().stream()
                        .noneMatch(oiled -> oiled.what().part().equals(part)
                                || (oiled.what().part() + " " + oiled.what().point())
                                        .toLowerCase(Locale.ROOT)
                                        .contains(TradeLists.lastWord(part.key()))))
                .toList();
    }
}
