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
import ruvant.core.job.CameraKind;
import ruvant.core.job.Rates;
import ruvant.core.job.SourceKind;
import ruvant.core.parts.shelf.BodyPart;
import ruvant.core.parts.shelf.Condition;
import ruvant.core.parts.shelf.ForNeed;
import ruvant.core.parts.shelf.PartState;
import ruvant.core.parts.shelf.ShelfPicture;
import ruvant.core.parts.shelf.Thing;
import ruvant.core.parts.supplier.Catalogue;

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
    private final List<Catalogue> catalogues;
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
        this.catalogues = List.copyOf(catalogues);
        this.rates = rates;
        this.today = today;
    }

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
     * @param thing what is taken; empty for what is made or ordered
     * @param number of the catalogue, for what is ordered; else empty
     * @param pieces how many of it can be had, at least 1; what is made or ordered can always be
     * @param fits chance that it fits, 0 to 1
     * @param fitWords from what that is known
     * @param works chance that it does its work, 0 to 1
     * @param days until it is here
     * @param terms that make up {@code netMinor}
     * @param opens whether a whole donor is opened for it
     * @param openingMinor what that costs; it stands among the terms too
     * @param keptForThis whether it is kept for this very need already
     */
    public record Source(
            String id,
            SourceKind kind,
            String words,
            String where,
            Optional<Thing> thing,
            String number,
            int pieces,
            CameraKind madeFor,
            double fits,
            String fitWords,
            double works,
            int minutes,
            int days,
            List<Term> terms,
            long netMinor,
            boolean opens,
            long openingMinor,
            boolean keptForThis) {
        /** What it is worth where its donor is open anyway. */
        public long netOnceOpenMinor() {
            return netMinor + openingMinor;
        }
    }

    /** Every source of a need that can be had now or by order, the best first. */
    public List<Source> of(Asked asked) {
        List<Source> all = new ArrayList<>();
        shelf.stock().stream()
                .filter(held -> held.freeFor(asked.need()) > 0
                        && PartMatch.speaksOf(held.stock().name(), asked.need().part(), asked.what()))
                .map(held -> fromStock(held, asked))
                .forEach(all::add);
        for (ShelfPicture.DonorHeld donor : shelf.donors()) {
            donor.parts().stream()
                    .filter(part -> donor.gone().isEmpty()
                            && part.state() == PartState.THERE
                            && part.freeFor(asked.need())
                            && PartMatch.speaksOf(
                                    part.part().name(), asked.need().part(), asked.what()))
                    .map(part -> fromDonor(donor, part, asked))
                    .forEach(all::add);
        }
        shelf.orders().stream()
                .filter(order -> order.state() == ShelfPicture.OrderState.OPEN
                        && asked.need().equals(order.what().forNeed()))
                .map(order -> onItsWay(order, asked))
                .forEach(all::add);
        for (Catalogue catalogue : catalogues) {
            catalogue.items().stream()
                    .filter(item -> PartMatch.speaksOf(item.name(), asked.need().part(), asked.what()))
                    .filter(item -> item.madeFor().fitsMany()
                            || interchange.chance(item.name(), item.madeFor(), asked.into()) > LEAST_WORTH_ORDERING)
                    .map(item -> fromSupplier(catalogue, item, asked))
                    .forEach(all::add);
        }
        all.add(madeHere(asked));
        all.sort(Comparator.comparingLong(Source::netMinor).reversed());
        return all;
    }

    /** Nobody orders what hardly ever fits. */
    private static final double LEAST_WORTH_ORDERING = 0.3;

    private Source fromStock(ShelfPicture.StockHeld held, Asked asked) {
        CameraKind from = held.stock().madeFor();
        Fitting fitting = fitting(held.stock().name(), from, asked);
        Sum sum = new Sum(asked, fitting, held.stock().condition().works());
        sum.cost("what it cost", held.stock().costMinor());
        sum.minutes(FETCH_MINUTES + fitting.workMinutes());
        boolean kept = held.kept().stream().anyMatch(one -> one.forNeed().equals(asked.need()));
        return new Source(
                "stock " + held.id(),
                from.fitsMany() ? SourceKind.GENERIC : SourceKind.STOCK,
                held.stock().words(),
                held.stock().place() + ", " + held.stock().condition().label(),
                Optional.of(Thing.stock(held.id())),
                "",
                held.freeFor(asked.need()),
                from,
                fitting.chance(),
                fitting.words(),
                held.stock().condition().works(),
                FETCH_MINUTES + fitting.workMinutes(),
                0,
                sum.terms(),
                sum.net(),
                false,
                0,
                kept);
    }

    private Source fromDonor(ShelfPicture.DonorHeld donor, ShelfPicture.DonorPart part, Asked asked) {
        BodyPart what = part.part();
        Fitting fitting = fitting(what.name(), donor.body().kind(), asked);
        double works = Condition.USED.works();
        Sum sum = new Sum(asked, fitting, works);
        int minutes = what.minutes() + FETCH_MINUTES + fitting.workMinutes();
        sum.minutes(minutes);
        long opening = donor.opened() ? 0 : openingLoss.getOrDefault(donor.id(), 0L);
        if (opening > 0) {
            sum.add("opening a body that is whole", -opening);
        }
        return new Source(
                "donor " + donor.id() + " " + what.name(),
                SourceKind.DONOR,
                donor.body().words(),
                donor.body().place() + (donor.opened() ? ", apart" : ", still whole"),
                Optional.of(new Thing(donor.id(), what.name())),
                "",
                1,
                donor.body().kind(),
                fitting.chance(),
                fitting.words(),
                works,
                minutes,
                0,
                sum.terms(),
                sum.net(),
                !donor.opened(),
                opening,
                part.keptFor().filter(asked.need()::equals).isPresent());
    }

    private Source fromSupplier(Catalogue catalogue, Catalogue.Item item, Asked asked) {
        Fitting fitting = fitting(item.name(), item.madeFor(), asked);
        double works = Condition.NEW.works();
        Sum sum = new Sum(asked, fitting, works);
        sum.cost("its price", item.priceMinor());
        int minutes = FETCH_MINUTES + fitting.workMinutes();
        sum.minutes(minutes);
        sum.late(item.days());
        return new Source(
                "order " + item.number(),
                SourceKind.BOUGHT,
                item.words(),
                catalogue.supplier() + ", " + item.number(),
                Optional.empty(),
                item.number(),
                1,
                item.madeFor(),
                fitting.chance(),
                fitting.words(),
                works,
                minutes,
                item.days(),
                sum.terms(),
                sum.net(),
                false,
                0,
                false);
    }

    /** Ordered for this need and paid for: only the days still count. */
    private Source onItsWay(ShelfPicture.OrderHeld order, Asked asked) {
        Fitting fitting = fitting(order.what().name(), order.what().madeFor(), asked);
        double works = Condition.NEW.works();
        int days =
                (int) Math.max(0, ChronoUnit.DAYS.between(today, LocalDate.ofInstant(order.dueAt(), ZoneOffset.UTC)));
        Sum sum = new Sum(asked, fitting, works);
        int minutes = FETCH_MINUTES + fitting.workMinutes();
        sum.minutes(minutes);
        sum.late(days);
        return new Source(
                "coming " + order.id(),
                SourceKind.BOUGHT,
                order.what().name()
                        + (order.what().madeFor().fitsMany()
                                ? ""
                                : " for " + order.what().madeFor().words()),
                "ordered, on its way",
                Optional.empty(),
                "",
                1,
                order.what().madeFor(),
                fitting.chance(),
                fitting.words(),
                works,
                minutes,
                days,
                sum.terms(),
                sum.net(),
                false,
                0,
                true);
    }

    private Source madeHere(Asked asked) {
        Fitting fitting = new Fitting(MADE_FITS, "made to the old one", 0);
        Sum sum = new Sum(asked, fitting, 1);
        sum.minutes(rates.makeMinutes());
        return new Source(
                "made",
                SourceKind.FABRICATED,
                "made here",
                "by hand, to the old one or to measure",
                Optional.empty(),
                "",
                1,
                asked.into(),
                MADE_FITS,
                fitting.words(),
                1,
                rates.makeMinutes(),
                0,
                sum.terms(),
                sum.net(),
                false,
                0,
                false);
    }

    private record Fitting(double chance, String words, int workMinutes) {}

    private Fitting fitting(String part, CameraKind from, Asked asked) {
        if (from.fitsMany()) {
            return new Fitting(GENERIC_FITS, "by its size", 0);
        }
        Interchange.Belief belief = interchange.of(part, from, asked.into());
        String kind = from.same(asked.into())
                ? "same pattern"
                : from.sameModel(asked.into()) ? "same model, other pattern" : "another model";
        return new Fitting(
                belief.chance(), kind + ", " + belief.words(), (int) Math.round((1 - belief.asIs()) * WORK_MINUTES));
    }

    /** Gathers the terms of one source. */
    private final class Sum {
        private final List<Term> terms = new ArrayList<>();
        private final Asked asked;

        Sum(Asked asked, Fitting fitting, double works) {
            this.asked = asked;
            double chance = fitting.chance() * works;
            terms.add(new Term(
                    "fits and works at " + Math.round(100 * chance) + " %", Math.round(chance * asked.worthMinor())));
        }

        void cost(String what, long minor) {
            if (minor > 0) {
                add(what, -minor);
            }
        }

        void minutes(int minutes) {
            add(minutes + " min", -rates.minutes(minutes));
        }

        void late(int days) {
            long late = asked.promised()
                    .map(day -> ChronoUnit.DAYS.between(day, today.plusDays(days)))
                    .orElse(0L);
            if (late > 0) {
                add(late + (late == 1 ? " day late" : " days late"), -late * rates.lateDayMinor());
            }
        }

        void add(String what, long minor) {
            terms.add(new Term(what, minor));
        }

        List<Term> terms() {
            return List.copyOf(terms);
        }

        long net() {
            return Term.sum(terms);
        }
    }
}
