package ruvant.core.money;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * At what the shop charges.
 *
 * @param labour hourly rates; where none is for some work, {@code hourMinor} holds
 * @param hourMinor an hour at the bench, as the shop's rates have it
 * @param markupHundredths on the price of a part, in hundredths of a percent: 2500 is 25 %
 * @param seller empty until somebody entered it: no bill can be made before
 */
public record Pricing(
        Taxes taxes,
        List<LabourRate> labour,
        long hourMinor,
        int markupHundredths,
        List<FixedPrice> fixed,
        Terms terms,
        Optional<Seller> seller) {
    private static final int WHOLE = 10_000;

    /** What a new shop charges: by the hour, without tax. */
    public static Pricing starting(long hourMinor) {
        return new Pricing(Taxes.NONE, List.of(), hourMinor, 0, List.of(), Terms.USUAL, Optional.empty());
    }

    public Pricing {
        labour = List.copyOf(labour);
        fixed = List.copyOf(fixed);
    }

    /** The same under other taxes, such as those of a bill that is put right later. */
    public Pricing with(Taxes others) {
        return new Pricing(others, labour, hourMinor, markupHundredths, fixed, terms, seller);
    }

    /** What an hour of somebody's at some work is charged at: the rate that is said most closely. */
    public long hourMinor(String person, String skill) {
        return labour.stream()
                .filter(one -> one.isFor(person, skill))
                .max(Comparator.comparing(LabourRate::closeness))
                .map(LabourRate::hourMinor)
                .orElse(hourMinor);
    }

    /** What a part is charged at that cost so much. */
    public long partMinor(long costMinor) {
        return Exact.ratio(costMinor, WHOLE + markupHundredths, WHOLE);
    }
}
