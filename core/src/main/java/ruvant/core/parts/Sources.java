package ruvant.core.parts;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.house.Rates;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.PartState;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.PartName;

/**
 * Where a part can come from, best first. A source is worth the chance that the part fits and works times what it is worth
 * to have it, less what it costs, the minutes it takes, the days it makes a camera late, and what a donor loses by being
 * opened for it; each term is shown.
 */
public final class Sources {
    /** To find it, look it over and note it. */
    private static final int FETCH_MINUTES = 5;

    /** What a fit that was not as it is took, on the usual. */
    private static final int WORK_MINUTES = 30;

    /** A generic part by its size: chosen with the calliper, so it mostly goes in. */
    private static final double GENERIC_FITS = 0.85;

    /** A part made by hand to the old one. */
    private static final double MADE_FITS = 0.75;

    private final ShelfPicture shelf;
    private final Interchange interchange;
    private final Map<UUID, Long> openingLoss;
    private final PartMatch<ShelfPicture.StockHeld> stock;
    private final PartMatch<OfDonor> donorParts;
    private final PartMatch<Offered> offered;
    private final Rates rates;
    private final LocalDate today;

    /** @param openingLoss what each donor loses by being opened, minor units; 0 where it is missing */
    public Sources(
            ShelfPicture shelf,
            Interchange interchange,
            Map<UUID, Long> openingLoss,
            List<Catalogue> catalogues,
            Rates rates,
            LocalDate today) {
        this.shelf = shelf;
        this.interchange = interchange;
        this.openingLoss = Map.copyOf(openingLoss);
        this.stock = new PartMatch<>(
                shelf.stock().stream().filter(held -> held.left() > 0),
                held -> held.stock().name());
        this.donorParts = new PartMatch<>(
                shelf.donors().stream()
                        .filter(donor -> donor.gone().isEmpty())
                        .flatMap(donor -> donor.parts().stream()
                                .filter(part -> part.state() == PartState.THERE)
                                .map(part -> new OfDonor(donor, part))),
                one -> one.part().part().name());
        this.offered = new PartMatch<>(
                catalogues.stream()
                        .flatMap(catalogue -> catalogue.items().stream().map(item -> new Offered(catalogue, item))),
                one -> one.item().name());
        this.rates = rates;
        this.today = today;
    }

    private record OfDonor(ShelfPicture.DonorHeld donor, ShelfPicture.DonorPart part) {}

    private record Offered(Catalogue catalogue, Catalogue.Item item) {}

    /**
     * What is asked for.
     *
     * @param what more exactly: "pinion of 14 teeth"
     * @param into the camera it is for
     * @param worthMinor what it is worth to have it, minor units
     * @param promised the day the camera is promised for
     */
    public record Asked(ForNeed need, String what, CameraKind into, long worthMinor, Optional<LocalDate> promised) {}

    /**
     * One source of a need.
     *
     * @param id tells it from the others of this need
     * @param keptForThis whether it is kept for this very need already
     */
    public record Source(
            String id, SourceKind kind, What what, Chances chances, Effort effort, Worth worth, boolean keptForThis) {
        /**
         * What it is.
         *
         * @param thing what is taken; empty for what is made or ordered
         * @param number of the catalogue, for what is ordered; else empty
         * @param pieces how many of it can be had, at least 1; what is made or ordered can always be
         * @param picture of it or of the donor it is in, by the name it is kept under; empty where there is none
         */
        public record What(
                String words,
                String where,
                Optional<Thing> thing,
                String number,
                int pieces,
                CameraKind madeFor,
                String picture) {}

        /**
         * How it is expected to do.
         *
         * @param fits chance that it fits, 0 to 1
         * @param fitWords from what that is known
         * @param works chance that it does its work, 0 to 1
         */
        public record Chances(double fits, String fitWords, double works) {}

        /**
         * What it takes.
         *
         * @param minutes at the bench
         * @param days until it is here
         */
        public record Effort(int minutes, int days) {}

        /**
         * What it comes to.
         *
         * @param terms that make up {@code netMinor}
         * @param opens whether a whole donor is opened for it
         * @param openingMinor what that costs; it stands among the terms too
         */
        public record Worth(List<Term> terms, long netMinor, boolean opens, long openingMinor) {}

        /** What it is worth where its donor is open anyway. */
        public long netOnceOpenMinor() {
            return worth.netMinor() + worth.openingMinor();
        }
    }

    /** Every source of a need that can be had now or by order, the best first. */
    public List<Source> of(Asked asked) {
        List<Source> all = new ArrayList<>();
        PartName part = asked.need().part();
        stock.speakingOf(part, asked.what()).stream()
                .filter(held -> held.freeFor(asked.need()) > 0)
                .map(held -> fromStock(held, asked))
                .forEach(all::add);
        donorParts.speakingOf(part, asked.what()).stream()
                .filter(one -> one.part().freeFor(asked.need()))
                .map(one -> fromDonor(one.donor(), one.part(), asked))
                .forEach(all::add);
        shelf.orders().stream()
                .filter(order -> order.state() == ShelfPicture.OrderState.OPEN
                        && asked.need().equals(order.what().forNeed()))
                .map(order -> onItsWay(order, asked))
                .forEach(all::add);
        offered.speakingOf(part, asked.what()).stream()
                .filter(one -> one.item().madeFor().fitsMany()
                        || interchange.chance(one.item().name(), one.item().madeFor(), asked.into())
                                > LEAST_WORTH_ORDERING)
                .map(one -> fromSupplier(one.catalogue(), one.item(), asked))
                .forEach(all::add);
        all.add(madeHere(asked));
        all.sort(
                Comparator.comparingLong((Source one) -> one.worth().netMinor()).reversed());
        return all;
    }

    /** Nobody orders what hardly ever fits. */
    private static final double LEAST_WORTH_ORDERING = 0.3;

    private SourceMaking making(Asked asked, String id, SourceKind kind, String words, String where) {
        return new SourceMaking(asked, rates, today, id, kind, words, where);
    }

    private Source fromStock(ShelfPicture.StockHeld held, Asked asked) {
        Fitting fitting = fitting(held.stock().name(), held.stock().madeFor(), asked);
        return making(
                        asked,
                        "stock " + held.id(),
                        held.stock().madeFor().fitsMany() ? SourceKind.GENERIC : SourceKind.STOCK,
                        held.stock().words(),
                        held.stock().place() + ", " + held.stock().condition().label())
                .thing(Thing.stock(held.id()), held.freeFor(asked.need()))
                .picture(held.stock().picture())
                .fits(fitting, held.stock().madeFor(), held.stock().condition().works())
                .cost("its cost", held.stock().costMinor())
                .minutes(FETCH_MINUTES + fitting.workMinutes())
                .kept(held.kept().stream().anyMatch(one -> one.forNeed().equals(asked.need())))
                .made();
    }

    private Source fromDonor(ShelfPicture.DonorHeld donor, ShelfPicture.DonorPart part, Asked asked) {
        BodyPart what = part.part();
        Fitting fitting = fitting(what.name(), donor.body().kind(), asked);
        SourceMaking making = making(
                        asked,
                        "donor " + donor.id() + " " + what.name(),
                        SourceKind.DONOR,
                        donor.body().words(),
                        donor.body().place() + (donor.opened() ? ", apart" : ", still whole"))
                .thing(new Thing(donor.id(), what.name()), 1)
                .picture(donor.body().picture())
                .fits(fitting, donor.body().kind(), Condition.USED.works())
                .minutes(what.minutes() + FETCH_MINUTES + fitting.workMinutes())
                .kept(part.keptFor().filter(asked.need()::equals).isPresent());
        return (donor.opened() ? making : making.opening(openingLoss.getOrDefault(donor.id(), 0L))).made();
    }

    private Source fromSupplier(Catalogue catalogue, Catalogue.Item item, Asked asked) {
        Fitting fitting = fitting(item.name(), item.madeFor(), asked);
        return making(
                        asked,
                        "order " + item.number(),
                        SourceKind.BOUGHT,
                        item.words(),
                        catalogue.supplier() + ", " + item.number())
                .number(item.number())
                .fits(fitting, item.madeFor(), Condition.NEW.works())
                .cost("its price", item.priceMinor())
                .minutes(FETCH_MINUTES + fitting.workMinutes())
                .comesIn(item.days())
                .made();
    }

    /** Ordered for this need and paid for: only the days still count. */
    private Source onItsWay(ShelfPicture.OrderHeld order, Asked asked) {
        CameraKind from = order.what().madeFor();
        Fitting fitting = fitting(order.what().name(), from, asked);
        LocalDate due = LocalDate.ofInstant(order.dueAt(), ZoneOffset.UTC);
        return making(
                        asked,
                        "coming " + order.id(),
                        SourceKind.BOUGHT,
                        order.what().name() + (from.fitsMany() ? "" : " for " + from.words()),
                        "ordered, on its way")
                .fits(fitting, from, Condition.NEW.works())
                .minutes(FETCH_MINUTES + fitting.workMinutes())
                .comesIn((int) Math.max(0, ChronoUnit.DAYS.between(today, due)))
                .kept(true)
                .made();
    }

    private Source madeHere(Asked asked) {
        return making(asked, "made", SourceKind.FABRICATED, "made here", "by hand, from the old part or to size")
                .fits(new Fitting(MADE_FITS, "made from the old part", 0), asked.into(), 1)
                .minutes(rates.makeMinutes())
                .made();
    }

    /**
     * How it is expected to go in.
     *
     * @param workMinutes that fitting it is likely to take beyond putting it in
     */
    record Fitting(double chance, String words, int workMinutes) {}

    private Fitting fitting(String part, CameraKind from, Asked asked) {
        if (from.fitsMany()) {
            return new Fitting(GENERIC_FITS, "by its size", 0);
        }
        Interchange.Outlook outlook = interchange.outlook(part, from, asked.into());
        String kind = from.same(asked.into())
                ? "same pattern"
                : from.sameModel(asked.into()) ? "same model, other pattern" : "another model";
        return new Fitting(
                outlook.chance(), kind + ", " + outlook.words(), (int) Math.round((1 - outlook.asIs()) * WORK_MINUTES));
    }
}
