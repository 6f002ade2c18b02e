package ruvant.core.money;

import java.util.List;
import ruvant.core.log.Entry;
import ruvant.core.units.Check;

/** What the shop charges, each by itself; it stands in the log of the house. */
public sealed interface MoneyEntry extends Entry {
    /** The taxes that prices bear. */
    record TaxesSet(Taxes taxes) implements MoneyEntry {
        public TaxesSet {
            Check.chosen("taxes", taxes);
        }
    }

    /** Hourly rates by person and kind of work. */
    record LabourSet(List<LabourRate> labour) implements MoneyEntry {
        private static final int MOST = 100;

        public LabourSet {
            labour = Check.some("labour", labour, MOST);
        }
    }

    /**
     * What is put on the price of a part.
     *
     * @param hundredths of a percent, 0 to 100,000
     */
    record MarkupSet(int hundredths) implements MoneyEntry {
        public MarkupSet {
            Check.count("markup", hundredths, 0, 100_000);
        }
    }

    /** Work at a fixed price. */
    record FixedPricesSet(List<FixedPrice> fixed) implements MoneyEntry {
        private static final int MOST = 100;

        public FixedPricesSet {
            fixed = Check.some("fixedPrices", fixed, MOST);
        }
    }

    /** How long quotes hold, and when bills are due. */
    record TermsSet(Terms terms) implements MoneyEntry {
        public TermsSet {
            Check.chosen("terms", terms);
        }
    }

    /** The shop as it stands on its papers. */
    record SellerSet(Seller seller) implements MoneyEntry {
        public SellerSet {
            Check.chosen("seller", seller);
        }
    }
}
