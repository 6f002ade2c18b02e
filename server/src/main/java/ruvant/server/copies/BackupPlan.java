package ruvant.server.copies;

import java.nio.file.Path;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * How often backups are made by themselves. It belongs to the machine and not to the shop's log: on another machine the folder is
 * another one.
 *
 * @param folder where they go; empty for the folder “backups” beside the shop's data
 * @param everyHours 1 to 720; 0 for never
 * @param keep how many good ones are kept, 1 to 1,000; older ones are deleted
 */
record BackupPlan(String folder, int everyHours, int keep) {
    /** Once a day, for two weeks. */
    static final BackupPlan USUAL = new BackupPlan("", 24, 14);

    BackupPlan {
        folder = folder == null ? "" : folder.strip();
        if (!folder.isEmpty() && !Path.of(folder).isAbsolute()) {
            throw new FieldProblem(
                    "folder",
                    "“" + folder + "” is not a full path.",
                    "Give the path from the root of the disk on, such as /media/backup.");
        }
        Check.count("everyHours", everyHours, 0, 720);
        Check.count("keep", keep, 1, 1_000);
    }

    Path in(Path data) {
        return folder.isEmpty() ? data.resolve("backups") : Path.of(folder);
    }
}
