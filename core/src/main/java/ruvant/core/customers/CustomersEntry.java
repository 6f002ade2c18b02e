package ruvant.core.customers;

import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/** What is said of customers; it stands in a log of its own. A customer is told by the id of the line that added them. */
public sealed interface CustomersEntry extends Entry {
    /** A customer is new. */
    record CustomerAdded(Customer customer) implements CustomersEntry {
        public CustomerAdded {
            Check.chosen("customer", customer);
        }
    }

    /** A customer is called or reached otherwise. */
    record CustomerChanged(UUID of, Customer customer) implements CustomersEntry {
        public CustomerChanged {
            Check.chosen("of", of);
            Check.chosen("customer", customer);
        }
    }

    /** Two cards are of one customer. */
    record CustomersJoined(UUID keep, UUID gone) implements CustomersEntry {
        public CustomersJoined {
            Check.chosen("keep", keep);
            Check.chosen("gone", gone);
            if (keep.equals(gone)) {
                throw new FieldProblem("gone", "That is the same customer.", "Choose two that differ.");
            }
        }
    }

    /**
     * A customer was blanked: what told who they were is no longer in the file, but for papers that have to be kept.
     *
     * @param jobs how many jobs named them
     */
    record CustomerBlanked(UUID of, int jobs) implements CustomersEntry {
        public CustomerBlanked {
            Check.chosen("of", of);
            Check.count("jobs", jobs, 0, 1_000_000);
        }
    }
}
