package ruvant.server.job;

import java.util.List;
import org.springframework.stereotype.Repository;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEffect;
import ruvant.core.log.Effect;
import ruvant.core.picture.JobPicture;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;

/** The words by which jobs are found. */
@Repository
class FoundByStore implements Projection<JobPicture> {
    private final Database database;

    FoundByStore(Database database) {
        this.database = database;
    }

    @Override
    public String name() {
        return "found by";
    }

    @Override
    public int version() {
        return 1;
    }

    @Override
    public boolean concerns(List<Effect> effects) {
        return effects.contains(JobEffect.Plain.FOUND_BY_OTHER_WORDS);
    }

    @Override
    public void put(JobPicture picture) {
        IntakeEntry.Received in = picture.received();
        int number = picture.tag().number();
        database.writes()
                .sql("delete from job_find where rowid = ?")
                .param(number)
                .update();
        database.writes()
                .sql("""
                        insert into job_find (rowid, tag, owner, maker, model, serial, complaint)
                        values (?, ?, ?, ?, ?, ?, ?)
                        """)
                .param(number)
                .param(picture.tag() + " " + number)
                .param(in.owner().words())
                .param(in.camera().maker())
                .param(in.camera().model() + " " + in.camera().pattern())
                .param(in.camera().serial())
                .param(in.complaint())
                .update();
    }
}
