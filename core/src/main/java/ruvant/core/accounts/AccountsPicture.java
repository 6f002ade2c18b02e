package ruvant.core.accounts;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.TagNumber;

/**
 * Papers and money as they stand.
 *
 * @param papers as they went out
 * @param bills those of them that are bills, each with what was paid on it
 * @param deposits what was paid before there was a bill
 * @param next the number that the next paper of each kind bears
 */
public record AccountsPicture(List<Held> papers, List<Bill> bills, List<Deposit> deposits, List<PaperNumber> next) {
    /** A paper and its line. */
    public record Held(UUID id, Instant at, String by, Paper paper) {}

    /** Money that came in or went back. */
    public record MoneyMoved(UUID id, Instant at, String by, long minor, PaidHow how, LocalDate day, String remark) {}

    /**
     * A bill and what became of it.
     *
     * @param paidMinor came in on it, less what went back
     * @param creditedMinor taken off by credit notes
     * @param openMinor still to be paid; below 0 where money is to go back
     * @param givenUp why it is no longer waited for; empty while it is
     */
    public record Bill(
            Held held,
            long paidMinor,
            long creditedMinor,
            long openMinor,
            List<MoneyMoved> moved,
            List<UUID> credits,
            Optional<String> givenUp) {
        /** Whether something is still waited for. */
        public boolean open() {
            return openMinor > 0 && givenUp.isEmpty();
        }

        /** Whether it should have been paid before a day. */
        public boolean overdue(LocalDate today) {
            LocalDate until = held.paper().until();
            return open() && until != null && until.isBefore(today);
        }
    }

    /**
     * What was paid in advance.
     *
     * @param leftMinor that no bill took off yet and nobody got back
     * @param back what of it went back
     */
    public record Deposit(UUID id, String by, AccountsEntry.Deposited what, long leftMinor, List<MoneyMoved> back) {}

    /** The paper of a line. */
    public Optional<Held> paper(UUID id) {
        return papers.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The paper of a number. */
    public Optional<Held> paper(PaperNumber number) {
        return papers.stream()
                .filter(one -> one.paper().number().equals(number))
                .findFirst();
    }

    /** The bill of a line. */
    public Optional<Bill> bill(UUID id) {
        return bills.stream().filter(one -> one.held().id().equals(id)).findFirst();
    }

    /** The papers of a job, as they went out. */
    public List<Held> of(TagNumber job) {
        return papers.stream().filter(one -> job.equals(one.paper().job())).toList();
    }

    /** What was paid for a job that no bill took off yet. */
    public long depositedMinor(TagNumber job, String currency) {
        return deposits.stream()
                .filter(one ->
                        one.what().job().equals(job) && one.what().currency().equals(currency))
                .mapToLong(Deposit::leftMinor)
                .sum();
    }

    /** The number of the next paper of a kind. */
    public PaperNumber next(PaperKind kind) {
        return next.stream().filter(one -> one.kind() == kind).findFirst().orElse(new PaperNumber(kind, 1));
    }
}
