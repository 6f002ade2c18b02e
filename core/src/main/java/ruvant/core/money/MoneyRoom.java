package ruvant.core.money;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;

/** What the shop charges; it stands in the log of the house. */
public final class MoneyRoom implements Room<MoneyEntry> {
    @Override
    public Class<MoneyEntry> entries() {
        return MoneyEntry.class;
    }

    @Override
    public RoomFold<MoneyEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(MoneyEntry entry, Standing now) {
        return switch (entry) {
            case MoneyEntry.TaxesSet one -> Optional.empty();
            case MoneyEntry.LabourSet one -> Optional.empty();
            case MoneyEntry.MarkupSet one -> Optional.empty();
            case MoneyEntry.FixedPricesSet one -> Optional.empty();
            case MoneyEntry.TermsSet one -> Optional.empty();
            case MoneyEntry.SellerSet one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(MoneyEntry entry) {
        return switch (entry) {
            case MoneyEntry.TaxesSet one -> List.of();
            case MoneyEntry.LabourSet one -> List.of();
            case MoneyEntry.MarkupSet one -> List.of();
            case MoneyEntry.FixedPricesSet one -> List.of();
            case MoneyEntry.TermsSet one -> List.of();
            case MoneyEntry.SellerSet one -> List.of();
        };
    }

    @Override
    public List<String> replaces(MoneyEntry entry) {
        return switch (entry) {
            case MoneyEntry.TaxesSet one -> List.of("taxes");
            case MoneyEntry.LabourSet one -> List.of("hourly rates");
            case MoneyEntry.MarkupSet one -> List.of("mark-up");
            case MoneyEntry.FixedPricesSet one -> List.of("fixed prices");
            case MoneyEntry.TermsSet one -> List.of("terms");
            case MoneyEntry.SellerSet one -> List.of("shop on its papers");
        };
    }

    @Override
    public String words(MoneyEntry entry, Names names) {
        return switch (entry) {
            case MoneyEntry.TaxesSet one ->
                "taxes: "
                        + one.taxes().rates().stream()
                                .map(rate -> rate.name() + " " + percent(rate.hundredths()))
                                .collect(Collectors.joining(", "))
                        + (one.taxes().included() ? ", included in prices" : ", added to prices");
            case MoneyEntry.LabourSet one ->
                one.labour().isEmpty()
                        ? "hourly rates: one for all"
                        : "hourly rates: " + one.labour().size();
            case MoneyEntry.MarkupSet one -> "mark-up on parts: " + percent(one.hundredths());
            case MoneyEntry.FixedPricesSet one ->
                one.fixed().isEmpty()
                        ? "fixed prices: none"
                        : "fixed prices: "
                                + one.fixed().stream().map(FixedPrice::words).collect(Collectors.joining(", "));
            case MoneyEntry.TermsSet one ->
                "quotes hold " + one.terms().quoteDays() + " days, bills are due in "
                        + one.terms().payDays() + " days";
            case MoneyEntry.SellerSet one ->
                "the shop on its papers: " + one.seller().party().name();
        };
    }

    private static String percent(int hundredths) {
        return Phrase.figure(hundredths / 100.0) + " %";
    }

    /** Folds what is charged: the last said of each holds. */
    public static final class Fold implements RoomFold<MoneyEntry> {
        private Taxes taxes = Taxes.NONE;
        private List<LabourRate> labour = List.of();
        private int markup;
        private List<FixedPrice> fixed = List.of();
        private Terms terms = Terms.USUAL;
        private Seller seller;

        @Override
        public Optional<Refusal> objection(Line line, MoneyEntry entry) {
            return Optional.empty();
        }

        @Override
        public void take(Line line, MoneyEntry entry) {
            switch (entry) {
                case MoneyEntry.TaxesSet one -> taxes = one.taxes();
                case MoneyEntry.LabourSet one -> labour = one.labour();
                case MoneyEntry.MarkupSet one -> markup = one.hundredths();
                case MoneyEntry.FixedPricesSet one -> fixed = one.fixed();
                case MoneyEntry.TermsSet one -> terms = one.terms();
                case MoneyEntry.SellerSet one -> seller = one.seller();
            }
        }

        /**
         * What is charged.
         *
         * @param hourMinor an hour for which no rate of its own was said
         */
        public Pricing pricing(long hourMinor) {
            return new Pricing(taxes, labour, hourMinor, markup, fixed, terms, Optional.ofNullable(seller));
        }
    }
}
