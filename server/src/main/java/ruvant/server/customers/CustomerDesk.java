package ruvant.server.customers;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ruvant.core.accounts.AccountsPicture;
import ruvant.core.customers.Customer;
import ruvant.core.customers.CustomersPicture;
import ruvant.core.offer.OfferPicture;
import ruvant.core.privacy.Blanking;
import ruvant.core.trade.Owner;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;
import ruvant.server.accounts.AccountsService;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.job.JobSummary;
import ruvant.server.job.SummaryStore;
import ruvant.server.owner.Outbox;
import ruvant.server.record.RefusedException;

/** Finds customers, puts together all about one of them, and takes one out of the books. */
@Component
class CustomerDesk {
    private static final int SHOWN = 60;
    private static final int FOUND_AT_MOST = 40;

    /** So the owner of the shop's own cameras is called. */
    private static final String SHOPS_OWN = new Owner("", "", true, null, null).words();

    private final CustomersService customers;
    private final SummaryStore summaries;
    private final JobService jobs;
    private final AccountsService accounts;
    private final ShopService shop;
    private final Outbox outbox;

    CustomerDesk(
            CustomersService customers,
            SummaryStore summaries,
            JobService jobs,
            AccountsService accounts,
            ShopService shop,
            Outbox outbox) {
        this.customers = customers;
        this.summaries = summaries;
        this.jobs = jobs;
        this.accounts = accounts;
        this.shop = shop;
        this.outbox = outbox;
    }

    /**
     * Somebody in the list.
     *
     * @param id of the card; empty for somebody of whom only the name at a job is known
     */
    record CustomerRow(Optional<UUID> id, String name, String reached, int jobs, int here) {}

    /** @param rows those that fit, the latest first */
    record CustomersPage(long lastSequence, List<CustomerRow> rows) {}

    /** A question that a customer has not answered. */
    record OpenAsked(TagNumber tag, OfferPicture.Question question) {}

    /**
     * All about one customer.
     *
     * @param customer the card; where there is none yet, one with what the jobs say
     * @param openMinor what is to be paid, less what is to go back, in the shop's currency
     * @param depositedMinor paid in advance and not yet taken off a bill
     * @param papersKeptUntil until when papers have to be kept by law; empty without any
     */
    record CustomerPage(
            long lastSequence,
            Optional<UUID> id,
            Customer customer,
            List<JobSummary> jobs,
            List<OpenAsked> asked,
            int papers,
            long openMinor,
            long depositedMinor,
            String currency,
            Optional<LocalDate> papersKeptUntil) {}

    CustomersPage page(String find) {
        return new CustomersPage(customers.sequence(), find.isBlank() ? latest() : found(find));
    }

    private List<CustomerRow> latest() {
        List<CustomerRow> withJobs =
                summaries.owners(SHOWN).stream().map(this::row).distinct().toList();
        Stream<CustomerRow> without = customers.picture().cards().reversed().stream()
                .filter(card -> withJobs.stream().noneMatch(row -> row.id().equals(Optional.of(card.id()))))
                .map(this::row);
        return Stream.concat(withJobs.stream(), without)
                .filter(CustomerDesk::somebody)
                .limit(SHOWN)
                .toList();
    }

    /** Neither the shop itself nor somebody who was blanked. */
    private static boolean somebody(CustomerRow row) {
        return !row.name().isEmpty()
                && !row.name().equals(SHOPS_OWN)
                && !row.name().equals(Blanking.BLANK);
    }

    /** By name, number of a job, or camera; and cards by what stands on them. */
    private List<CustomerRow> found(String words) {
        Stream<CustomerRow> byCard = customers.picture().cards().stream()
                .filter(card -> card.customer().fits(words))
                .map(this::row);
        Stream<CustomerRow> byJob =
                summaries.find(words, FOUND_AT_MOST).stream().map(this::row);
        return Stream.concat(byCard, byJob)
                .filter(CustomerDesk::somebody)
                .distinct()
                .limit(FOUND_AT_MOST)
                .toList();
    }

    private CustomerRow row(CustomersPicture.Card card) {
        List<JobSummary> its = jobsOf(card);
        return new CustomerRow(
                Optional.of(card.id()),
                card.customer().party().name(),
                reached(card.customer()),
                its.size(),
                here(its));
    }

    private CustomerRow row(SummaryStore.OwnerRow owner) {
        return card(owner.customer(), owner.owner())
                .map(this::row)
                .orElse(new CustomerRow(Optional.empty(), owner.owner(), "", owner.jobs(), owner.here()));
    }

    private CustomerRow row(JobSummary job) {
        return card(job.said().customer(), job.said().owner()).map(this::row).orElseGet(() -> {
            List<JobSummary> its = summaries.ofCustomer(List.of(), job.said().owner());
            return new CustomerRow(Optional.empty(), job.said().owner(), "", its.size(), here(its));
        });
    }

    /** The card of a job, else the one that goes by the name. */
    private Optional<CustomersPicture.Card> card(Optional<UUID> id, String name) {
        return id.flatMap(customers::card)
                .or(() -> customers.picture().cards().stream()
                        .filter(one -> one.customer().isCalled(name))
                        .findFirst());
    }

    private static int here(List<JobSummary> its) {
        return (int)
                its.stream().filter(one -> one.days().returnedAt().isEmpty()).count();
    }

    private static String reached(Customer customer) {
        return Stream.of(
                        customer.phone(),
                        customer.party().email(),
                        customer.party().town())
                .filter(one -> !one.isEmpty())
                .findFirst()
                .orElse("");
    }

    private List<JobSummary> jobsOf(CustomersPicture.Card card) {
        return summaries.ofCustomer(
                customers.picture().idsOf(card.id()), card.customer().party().name());
    }

    CustomerPage one(UUID id, String name) {
        Optional<CustomersPicture.Card> card = Optional.ofNullable(id).flatMap(customers::card);
        if (id != null && card.isEmpty()) {
            throw new FieldProblem("id", "That customer is not in the books.", "Look for them under Customers.");
        }
        List<JobSummary> its =
                card.map(this::jobsOf).orElseGet(() -> summaries.ofCustomer(List.of(), name == null ? "" : name));
        Customer customer = card.map(CustomersPicture.Card::customer).orElseGet(() -> asKnown(name, its));
        List<TagNumber> tags = its.stream().map(JobSummary::tag).toList();
        AccountsPicture money = accounts.picture();
        String currency = accounts.money().currency();
        List<AccountsPicture.Held> papers = papers(tags, customer);
        return new CustomerPage(
                customers.sequence(),
                card.map(CustomersPicture.Card::id),
                customer,
                its,
                its.stream()
                        .filter(one -> one.days().returnedAt().isEmpty())
                        .flatMap(one -> jobs.picture(one.tag()).offer().unanswered().stream()
                                .map(question -> new OpenAsked(one.tag(), question)))
                        .toList(),
                papers.size(),
                money.bills().stream()
                        .filter(bill -> papers.contains(bill.held()))
                        .filter(bill -> bill.held().paper().currency().equals(currency)
                                && bill.givenUp().isEmpty())
                        .mapToLong(AccountsPicture.Bill::openMinor)
                        .sum(),
                tags.stream()
                        .mapToLong(tag -> money.depositedMinor(tag, currency))
                        .sum(),
                currency,
                papers.stream()
                        .map(one -> one.paper()
                                .day()
                                .plusYears(shop.pricing().terms().keepYears()))
                        .max(LocalDate::compareTo));
    }

    private Customer asKnown(String name, List<JobSummary> its) {
        if (its.isEmpty() || name == null) {
            throw new FieldProblem("name", "No camera is known of that name.", "Look for them under Customers.");
        }
        String contact = jobs.picture(its.getFirst().tag()).received().owner().contact();
        boolean mail = contact.matches("\\S+@\\S+\\.\\S+");
        boolean phone = !mail && contact.chars().filter(Character::isDigit).count() >= 4;
        return new Customer(
                new ruvant.core.money.Party(name, "", "", "", "", "", mail ? contact : ""),
                phone ? contact : "",
                mail || phone ? "" : contact);
    }

    /** Papers of their jobs, and those without a job that go by the name. */
    private List<AccountsPicture.Held> papers(List<TagNumber> tags, Customer customer) {
        return accounts.picture().papers().stream()
                .filter(one -> one.paper().job() == null
                        ? customer.isCalled(one.paper().buyer().name())
                        : tags.contains(one.paper().job()))
                .toList();
    }

    /** Everything about one person, as it is kept. */
    record AllAbout(
            CustomerPage page,
            List<JobLines> jobs,
            List<AccountsPicture.Held> papers,
            List<AccountsPicture.Deposit> deposits) {
        /** The lines of a job. */
        record JobLines(TagNumber tag, List<ruvant.server.record.LineView> lines) {}
    }

    /** Everything about one person. */
    AllAbout all(UUID id, String name) {
        CustomerPage page = one(id, name);
        List<TagNumber> tags = page.jobs().stream().map(JobSummary::tag).toList();
        return new AllAbout(
                page,
                tags.stream()
                        .map(tag -> new AllAbout.JobLines(tag, jobs.lines(ruvant.core.job.JobLog.name(tag))))
                        .toList(),
                papers(tags, page.customer()),
                accounts.picture().deposits().stream()
                        .filter(one -> tags.contains(one.what().job()))
                        .toList());
    }

    /** @param typed the name, typed once more by whoever blanks it */
    record BlankAsked(
            String by, @MayBeNull UUID id, @MayBeNull String name, String typed) {}

    /**
     * What was blanked.
     *
     * @param jobs in how many jobs
     * @param papersKept papers that still bear the name because the law asks for them
     * @param until when the last of them may be blanked too
     */
    record Blanked(int jobs, int papersKept, Optional<LocalDate> until) {}

    /** Takes a person out of the books; the repairs stay, and papers as long as the law asks for them. */
    synchronized Blanked blank(BlankAsked asked) {
        CustomerPage page = one(asked.id(), asked.name());
        String name = page.customer().party().name();
        if (asked.typed() == null || !asked.typed().strip().equalsIgnoreCase(name)) {
            throw new FieldProblem("typed", "That is not the name.", "Type “" + name + "” to confirm.");
        }
        page.jobs().stream()
                .filter(one -> one.days().returnedAt().isEmpty())
                .findFirst()
                .ifPresent(one -> {
                    throw refused("stillHere", one.tag() + " of this customer is still here.", "Return it first.");
                });
        if (page.openMinor() != 0 || page.depositedMinor() != 0) {
            throw refused(
                    "stillOpen", "There is still money open with this customer.", "Settle it under Accounts first.");
        }
        LocalDate today = accounts.today();
        int years = shop.pricing().terms().keepYears();
        List<TagNumber> tags = page.jobs().stream().map(JobSummary::tag).toList();
        List<AccountsPicture.Held> papers = papers(tags, page.customer());
        List<UUID> old = papers.stream()
                .filter(one -> !one.paper().day().plusYears(years).isAfter(today))
                .map(AccountsPicture.Held::id)
                .toList();
        tags.forEach(tag -> {
            messages(tag).forEach(outbox::remove);
            jobs.blank(tag);
        });
        accounts.blank(old);
        page.id()
                .ifPresent(id ->
                        customers.blank(asked.by(), id, customers.picture().idsOf(id), tags.size()));
        return new Blanked(
                tags.size(), papers.size() - old.size(), page.papersKeptUntil().filter(until -> until.isAfter(today)));
    }

    /** Under these ids messages about a job may lie in the outbox. */
    private Stream<UUID> messages(TagNumber tag) {
        OfferPicture offer = jobs.picture(tag).offer();
        return Stream.concat(
                offer.questions().stream().map(OfferPicture.Question::id),
                offer.told().stream().map(OfferPicture.Told::id));
    }

    private static RefusedException refused(String code, String message, String remedy) {
        return new RefusedException(new Refusal(code, message, remedy), List.of(), List.of());
    }
}
