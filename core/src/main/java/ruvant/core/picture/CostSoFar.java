package ruvant.core.picture;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.money.Exact;
import ruvant.core.money.Pricing;
import ruvant.core.offer.OfferPicture;
import ruvant.core.offer.OptionPart;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.parts.PartsEntry;
import ruvant.core.sitting.SittingTime;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Stop;
import ruvant.core.units.Money;

/**
 * What a camera has cost so far, as it would be charged by the hour, and how that stands to what its owner allowed.
 *
 * @param minutes at the bench, the present sitting up to now included
 * @param labourMinor what they are charged at
 * @param partsMinor what was fitted, as it is charged; parts of which no cost was noted count nothing
 * @param parts each of them
 * @param own what the shop makes of a camera of its own; empty for a customer's
 */
public record CostSoFar(
        long minutes,
        long labourMinor,
        long partsMinor,
        String currency,
        List<PartCharged> parts,
        Optional<Limit> limit,
        Optional<OwnCamera> own) {
    /** How what was spent stands to the limit. */
    public enum State {
        /** It will do. */
        WITHIN,
        /** With what is still estimated it will not. */
        WILL_EXCEED,
        /** It is spent. */
        OVER
    }

    /**
     * What the owner allowed.
     *
     * @param agreement id of the line in which it was agreed
     * @param leftMinor what the steps and parts of what was agreed are still estimated at
     */
    public record Limit(UUID agreement, long limitMinor, long leftMinor, State state) {}

    /** A part that was fitted, and what it is charged at. */
    public record PartCharged(String words, long minor) {}

    /**
     * A camera of the shop's own.
     *
     * @param paidMinor for it; empty where nobody noted it
     * @param worthMinor what it would fetch mended; empty where nobody said
     * @param marginMinor worth less what was paid and what the work cost so far, without mark-up; empty where one is not known
     */
    public record OwnCamera(Optional<Long> paidMinor, Optional<Long> worthMinor, Optional<Long> marginMinor) {}

    /** Both together. */
    public long minor() {
        return labourMinor + partsMinor;
    }

    /** Whether no more may be spent. */
    public boolean over() {
        return limit.filter(one -> one.state() == State.OVER).isPresent();
    }

    static CostSoFar of(JobPicture job, Pricing pricing, Instant now) {
        Map<Stop, Long> sat = new EnumMap<>(Stop.class);
        long labour = 0;
        for (SittingTime.Sat one : job.sitting().sittings()) {
            sat.merge(one.stop(), one.minutes(), Long::sum);
            labour += charged(one.minutes(), pricing.hourMinor(one.by(), ""));
        }
        long seated = job.sitting().minutesAt(now) - job.sitting().minutes();
        if (seated > 0) {
            job.sitting().seated().ifPresent(down -> sat.merge(down.stop(), seated, Long::sum));
            labour +=
                    charged(seated, pricing.hourMinor(job.sitting().seatedWho().orElse(""), ""));
        }
        String currency = job.practice().reckoning().money().currency();
        List<PartsEntry.Replaced> bought = job.parts().replacements().stream()
                .map(one -> one.what())
                .filter(one -> one.cost() != null && one.cost().currency().equals(currency))
                .toList();
        List<PartCharged> charged = bought.stream()
                .map(one -> new PartCharged(
                        one.part().text(), pricing.partMinor(one.cost().minor())))
                .toList();
        long parts = charged.stream().mapToLong(PartCharged::minor).sum();
        long spent = labour + parts;
        long bare =
                labour + bought.stream().mapToLong(one -> one.cost().minor()).sum();
        return new CostSoFar(
                job.sitting().minutesAt(now),
                labour,
                parts,
                currency,
                charged,
                job.offer().agreed().flatMap(one -> limit(one, spent, parts, sat, currency, pricing)),
                own(job.received().owner(), bare, currency));
    }

    private static Optional<OwnCamera> own(Owner owner, long cost, String currency) {
        if (!owner.shopsOwn()) {
            return Optional.empty();
        }
        Optional<Long> paid = known(owner.paid(), currency);
        Optional<Long> worth = known(owner.worth(), currency);
        return Optional.of(
                new OwnCamera(paid, worth, worth.flatMap(fetches -> paid.map(gave -> fetches - gave - cost))));
    }

    private static Optional<Long> known(Money amount, String currency) {
        return Optional.ofNullable(amount)
                .filter(one -> one.currency().equals(currency))
                .map(Money::minor);
    }

    private static Optional<Limit> limit(
            OfferPicture.Agreement agreed,
            long spent,
            long spentOnParts,
            Map<Stop, Long> sat,
            String currency,
            Pricing pricing) {
        Long limit = agreed.what().limitMinor();
        if (limit == null || !agreed.what().currency().equals(currency)) {
            return Optional.empty();
        }
        long left = agreed.option()
                .map(one -> left(one, sat, pricing)
                        + Math.max(
                                0,
                                one.parts().stream()
                                                .mapToLong(OptionPart::priceMinor)
                                                .sum()
                                        - spentOnParts))
                .orElse(0L);
        State state = spent > limit ? State.OVER : spent + left > limit ? State.WILL_EXCEED : State.WITHIN;
        return Optional.of(new Limit(agreed.id(), limit, left, state));
    }

    /** What is still estimated at each stop, once what was sat there is taken off. */
    private static long left(RepairOption option, Map<Stop, Long> sat, Pricing pricing) {
        long minutes = 0;
        for (Stop stop : Stop.values()) {
            List<OptionStep> there =
                    option.steps().stream().filter(one -> one.stop() == stop).toList();
            long estimated =
                    there.stream().mapToLong(one -> one.minutes().likely()).sum();
            minutes += Math.max(0, estimated - sat.getOrDefault(stop, 0L));
        }
        return charged(minutes, pricing.hourMinor("", ""));
    }

    private static long charged(long minutes, long hourMinor) {
        return Exact.ratio(minutes, hourMinor, 60);
    }
}
