package ruvant.server.parts;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import ruvant.core.house.Rates;
import ruvant.core.parts.BreakOrMend;
import ruvant.core.parts.Fit;
import ruvant.core.parts.Interchange;
import ruvant.core.parts.OpenNeeds;
import ruvant.core.parts.Sharing;
import ruvant.core.parts.Sources;
import ruvant.core.picture.JobPicture;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfPicture;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.shelf.ShelfService;
import ruvant.server.shelf.SupplierService;

/** Brings together what the rules of parts need: the shelf, what was tried and needed, the catalogue, and the shop's rates. */
@Service
class PartsDesk {
    private final ShelfService shelf;
    private final PartsStore tried;
    private final SupplierService supplier;
    private final JobService jobs;
    private final ShopService shop;
    private final Clock clock;

    PartsDesk(
            ShelfService shelf,
            PartsStore tried,
            SupplierService supplier,
            JobService jobs,
            ShopService shop,
            Clock clock) {
        this.shelf = shelf;
        this.tried = tried;
        this.supplier = supplier;
        this.jobs = jobs;
        this.shop = shop;
        this.clock = clock;
    }

    Rates rates() {
        return shop.shop().practice().reckoning().rates();
    }

    List<Fit> fits() {
        return tried.fits().stream().map(PartsStore.TriedFit::fit).toList();
    }

    Interchange interchange() {
        return new Interchange(fits(), shelf.picture().stated());
    }

    BreakOrMend breakOrMend(Interchange interchange) {
        return new BreakOrMend(tried.needs(), interchange, rates(), clock.instant());
    }

    /** Sources as things are now. */
    Sources sources() {
        ShelfPicture picture = shelf.picture();
        Interchange interchange = interchange();
        BreakOrMend breakOrMend = breakOrMend(interchange);
        Map<UUID, Long> loss = new HashMap<>();
        picture.donors().stream()
                .filter(donor -> donor.gone().isEmpty() && !donor.opened())
                .forEach(donor -> loss.put(donor.id(), breakOrMend.of(donor).openingLossMinor()));
        return new Sources(
                picture,
                interchange,
                loss,
                List.of(supplier.catalogue()),
                rates(),
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
    }

    /** What a camera asks for. */
    List<Sources.Asked> asked(JobPicture job) {
        return OpenNeeds.of(job.tag(), job.received(), job.promised(), job.parts(), rates());
    }

    /** What was taken for the cameras in the shop and has not gone into them yet. */
    List<ShelfPicture.AtBench> atBench() {
        ShelfPicture picture = shelf.picture();
        return jobs.open().stream()
                .flatMap(job -> OpenNeeds.atBench(job.tag(), job.parts(), picture).stream())
                .toList();
    }

    /**
     * All open needs of the shop with their sources. What lies at the bench serves its need already, so that one asks
     * for nothing more.
     */
    List<Sharing.Wants> wants() {
        Set<ForNeed> served =
                atBench().stream().map(ShelfPicture.AtBench::forNeed).collect(Collectors.toSet());
        Sources sources = sources();
        return jobs.open().stream()
                .flatMap(job -> asked(job).stream())
                .filter(one -> !served.contains(one.need()))
                .map(one -> new Sharing.Wants(one, sources.of(one)))
                .toList();
    }
}
