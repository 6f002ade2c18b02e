package ruvant.core.accounts;

import java.time.LocalDate;
import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.money.Party;
import ruvant.core.units.Check;
import ruvant.core.units.TagNumber;

/** What went out on paper and what was paid. Nothing of it is changed afterwards; what was wrong is put right by another line. */
public sealed interface AccountsEntry extends Entry {
    long MOST_MINOR = 1_000_000_000_00L;

    /** A paper went out under its number; the line's id is the paper's. */
    record Issued(Paper paper) implements AccountsEntry {
        public Issued {
            Check.chosen("paper", paper);
        }
    }

    /**
     * Something was paid on a bill.
     *
     * @param bill line of the bill
     * @param minor above 0
     */
    record Paid(UUID bill, long minor, String currency, PaidHow how, LocalDate day, String remark)
            implements AccountsEntry {
        public Paid {
            Check.chosen("bill", bill);
            Check.within("amount", minor, 1, MOST_MINOR, "minor units");
            currency = Check.name("currency", currency);
            Check.chosen("how", how);
            Check.chosen("day", day);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * Something was paid for a job before there was a bill; the next bill of the job takes it off.
     *
     * @param minor above 0
     */
    record Deposited(TagNumber job, Party from, long minor, String currency, PaidHow how, LocalDate day, String remark)
            implements AccountsEntry {
        public Deposited {
            Check.chosen("job", job);
            Check.chosen("from", from);
            Check.within("amount", minor, 1, MOST_MINOR, "minor units");
            currency = Check.name("currency", currency);
            Check.chosen("how", how);
            Check.chosen("day", day);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * Money was given back.
     *
     * @param of line of the bill that was overpaid or credited, or of the deposit
     * @param minor above 0
     */
    record PaidBack(UUID of, long minor, String currency, PaidHow how, LocalDate day, String remark)
            implements AccountsEntry {
        public PaidBack {
            Check.chosen("of", of);
            Check.within("amount", minor, 1, MOST_MINOR, "minor units");
            currency = Check.name("currency", currency);
            Check.chosen("how", how);
            Check.chosen("day", day);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /** A bill will not be paid and is no longer waited for. */
    record GivenUp(UUID bill, String why) implements AccountsEntry {
        public GivenUp {
            Check.chosen("bill", bill);
            why = Check.remark("why", why);
        }
    }
}
