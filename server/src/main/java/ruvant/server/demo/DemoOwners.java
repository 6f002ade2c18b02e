package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.customers.Customer;
import ruvant.core.customers.CustomersEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.log.NewLine;
import ruvant.core.money.Party;
import ruvant.core.offer.AskedAbout;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.SaidHow;
import ruvant.core.picture.JobPicture;
import ruvant.server.customers.CustomersService;
import ruvant.server.job.JobService;

/** Cards of some customers, and what owners of cameras that are here were asked and have agreed to. */
final class DemoOwners {
    private static final List<String> TOWNS =
            List.of("Veldmouth", "Skarrow", "Port Anvers", "Lower Tarn", "Hollin Bay");
    private static final List<String> STREETS =
            List.of("Rope Walk 12", "Chapel Hill 3", "Kelp Street 41", "The Quay 8", "Mill Lane 27");
    private static final int CARDS = 10;

    private final JobService jobs;
    private final CustomersService customers;
    private final Instant now;
    private final DemoOptions options = new DemoOptions(23);

    DemoOwners(JobService jobs, CustomersService customers, Instant now) {
        this.jobs = jobs;
        this.customers = customers;
        this.now = now;
    }

    void tell() {
        cards();
        asked();
    }

    private void cards() {
        List<String> names = DemoCameras.OWNERS.stream().distinct().limit(CARDS).toList();
        for (int at = 0; at < names.size(); at++) {
            String name = names.get(at);
            String mail = name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", ".");
            customers.append(
                    "Ines K.",
                    0,
                    List.of(new NewLine(
                            UUID.nameUUIDFromBytes(name.getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                            null,
                            null,
                            new CustomersEntry.CustomerAdded(new Customer(
                                    new Party(
                                            name,
                                            STREETS.get(at % STREETS.size()),
                                            "V4 %dLD".formatted(at),
                                            TOWNS.get(at % TOWNS.size()),
                                            "IE",
                                            "",
                                            mail.matches("[a-z.]*[a-z][a-z.]*") && !mail.startsWith(".")
                                                    ? mail + "@post.example"
                                                    : ""),
                                    "0" + (550_100 + 37 * at),
                                    "")))),
                    now.minus(Duration.ofDays(400L - at)));
        }
    }

    private void asked() {
        // agreed with room to spare
        of("Dunmoor").ifPresent(job -> {
            OfferEntry.OptionsDrawn sheet = options.sheet(job.received().complaint());
            say(job, 46, sheet);
            say(job, 44, options.agreed(12_000, now.minus(Duration.ofHours(44))));
        });
        // the limit will not do
        of("Lumsden").ifPresent(job -> {
            OfferEntry.OptionsDrawn sheet = options.sheet(job.received().complaint());
            say(job, 50, sheet);
            say(job, 49, options.agreed(4_000, now.minus(Duration.ofHours(49))));
        });
        // asked by e-mail more than a week ago
        of("Quillon").ifPresent(job -> {
            say(job, 9 * 24, options.sheet(job.received().complaint()));
            say(
                    job,
                    9 * 24 - 1,
                    new OfferEntry.OwnerAsked(
                            "Which option, and up to what amount?", AskedAbout.OPTIONS, SaidHow.EMAIL, null));
        });
    }

    private Optional<JobPicture> of(String maker) {
        return jobs.open().stream()
                .filter(job -> job.received().camera().maker().equals(maker)
                        && !job.received().owner().shopsOwn())
                .findFirst();
    }

    private void say(JobPicture job, long hoursAgo, JobEntry entry) {
        jobs.append(job.tag(), "Ines K.", 0, List.of(NewLine.of(entry)), now.minus(Duration.ofHours(hoursAgo)));
    }
}
