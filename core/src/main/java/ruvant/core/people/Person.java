package ruvant.core.people;

import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;

/**
 * Somebody with an account.
 *
 * @param name as lines are signed
 * @param onlyJob the job that a guest may read; null for everybody else
 * @param money whether prices and bills are shown, where the role leaves that open
 * @param customers whether owners of cameras are shown, likewise
 */
public record Person(
        UUID id, String name, Role role, @MayBeNull TagNumber onlyJob, boolean money, boolean customers) {
    public Person {
        Check.chosen("id", id);
        name = Check.name("name", name);
        Check.chosen("role", role);
        if (role == Role.GUEST && onlyJob == null) {
            throw new FieldProblem(
                    "onlyJob", "A guest reads one job, and none is chosen.", "Enter the tag of the job.");
        }
        if (role != Role.GUEST) {
            onlyJob = null;
        }
    }

    /** What this person may do. */
    public Access access() {
        return new Access(name, role.rights(money, customers), Optional.ofNullable(onlyJob));
    }
}
