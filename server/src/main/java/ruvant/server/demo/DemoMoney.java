package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import ruvant.core.accounts.AccountsEntry;
import ruvant.core.accounts.AccountsPicture;
import ruvant.core.accounts.Draft;
import ruvant.core.accounts.PaidHow;
import ruvant.core.accounts.PaperKind;
import ruvant.core.house.HouseRoom;
import ruvant.core.log.NewLine;
import ruvant.core.money.FixedPrice;
import ruvant.core.money.LabourRate;
import ruvant.core.money.MoneyEntry;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Seller;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Taxes;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.TagNumber;
import ruvant.server.accounts.AccountsService;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;

/** What the demo shop charges, the bills of the cameras that went home, one that is overdue, and money paid in advance. */
final class DemoMoney {
    private static final long HOUR_MINOR = 4_800;
    private static final int LEFT_OPEN = 2;

    private final JobService jobs;
    private final ShopService shop;
    private final AccountsService accounts;
    private final Instant now;

    DemoMoney(JobService jobs, ShopService shop, AccountsService accounts, Instant now) {
        this.jobs = jobs;
        this.shop = shop;
        this.accounts = accounts;
        this.now = now;
    }

    /** @param closed cameras that went home */
    void tell(List<TagNumber> closed) {
        charges();
        List<JobPicture> returned = closed.stream()
                .map(jobs::picture)
                .filter(JobPicture::returned)
                .filter(job -> job.intake()
                        .received()
                        .filter(in -> !in.owner().shopsOwn())
                        .isPresent())
                .sorted(Comparator.comparing(job -> job.handover().returnedAt().orElseThrow()))
                .toList();
        for (int at = 0; at < returned.size(); at++) {
            bill(returned.get(at), at < returned.size() - LEFT_OPEN);
        }
        jobs.open().stream()
                .filter(job ->
                        job.intake().received().orElseThrow().camera().maker().equals("Dunmoor"))
                .findFirst()
                .ifPresent(this::inAdvance);
    }

    private void charges() {
        Party party = new Party(
                "Saltmarsh Camera Repair",
                "Harbour Lane 4",
                "V4 2LD",
                "Veldmouth",
                "IE",
                "IE0000001X",
                "bench@saltmarsh.example");
        shop.append(
                HouseRoom.LOG,
                "Ines K.",
                0,
                List.of(
                        NewLine.of(new MoneyEntry.SellerSet(
                                new Seller(party, "+353 1 0100", "IE29 0000 0000 1234 5678 90", "", ""))),
                        NewLine.of(new MoneyEntry.TaxesSet(
                                new Taxes(List.of(TaxRate.taxed("vat", "VAT", 2300)), "vat", true, 1))),
                        NewLine.of(new MoneyEntry.LabourSet(List.of(new LabourRate("", "", HOUR_MINOR)))),
                        NewLine.of(new MoneyEntry.MarkupSet(2_500)),
                        NewLine.of(new MoneyEntry.FixedPricesSet(List.of(
                                new FixedPrice("look", "Looking at it", 2_500, ""),
                                new FixedPrice("film", "Test film and development", 1_800, ""))))),
                now.minus(Duration.ofDays(430)));
    }

    private static Party owner(JobPicture job) {
        return Party.named(job.intake().received().orElseThrow().owner().name());
    }

    private void bill(JobPicture job, boolean paid) {
        Instant at = job.handover().returnedAt().orElseThrow();
        int minutes = (int) Math.max(30, job.sitting().minutes());
        Draft draft = new Draft(
                PaperKind.BILL,
                job.tag(),
                job.intake().received().orElseThrow().camera().words(),
                owner(job),
                List.of(
                        PriceLine.minutes("Work at the bench", minutes, HOUR_MINOR, "vat"),
                        PriceLine.pieces("Test film and development", 1, 1_800, "vat")),
                0,
                0,
                null,
                "");
        AccountsPicture.Held held = accounts.issue(
                "Ines K.", UUID.randomUUID(), draft, accounts.totals(draft).dueMinor(), at);
        if (paid) {
            PaidHow how = PaidHow.values()[job.tag().number() % 3];
            accounts.append(
                    "Ines K.",
                    List.of(NewLine.of(new AccountsEntry.Paid(
                            held.id(),
                            held.paper().totals().dueMinor(),
                            held.paper().currency(),
                            how,
                            day(at),
                            ""))),
                    at.plus(Duration.ofMinutes(5)));
        }
    }

    private void inAdvance(JobPicture job) {
        Instant at = now.minus(Duration.ofDays(2));
        accounts.append(
                "Ines K.",
                List.of(NewLine.of(new AccountsEntry.Deposited(
                        job.tag(), owner(job), 3_000, "EUR", PaidHow.CARD, day(at), "at the counter"))),
                at);
    }

    private static LocalDate day(Instant at) {
        return at.atZone(ZoneId.systemDefault()).toLocalDate();
    }
}
