package ruvant.server.prove;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Repository;
import ruvant.core.job.JobEffect;
import ruvant.core.log.Effect;
import ruvant.core.picture.JobPicture;
import ruvant.core.prove.EarTried;
import ruvant.core.units.TagNumber;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** Guesses by ear beside what was measured, over all jobs. */
@Repository
public class EarStore implements Projection<JobPicture> {
    private static final int NEWEST = 500;

    private final Database database;

    public EarStore(Database database) {
        this.database = database;
    }

    /** A guess and what was measured, and of which camera. */
    public record HeardGuess(TagNumber tag, Instant at, String speed, double guessedEv, double measuredEv) {}

    @Override
    public String name() {
        return "ears";
    }

    @Override
    public int version() {
        return 1;
    }

    @Override
    public boolean concerns(List<Effect> effects) {
        return effects.contains(JobEffect.Plain.EARS_JUDGED);
    }

    /** Writes what a job says of ears. */
    @Override
    public void put(JobPicture picture) {
        forget(picture.tag());
        for (EarTried tried : EarTried.of(picture.received(), picture.prove(), picture.practice())) {
            database.writes()
                    .sql(
                            "insert into ear (job, said_at, person, speed, guessed_ev, measured_ev) values (?, ?, ?, ?, ?, ?)")
                    .params(
                            picture.tag().number(),
                            Times.text(tried.at()),
                            tried.by(),
                            tried.speed(),
                            tried.guessedEv(),
                            tried.measuredEv())
                    .update();
        }
    }

    private void forget(TagNumber tag) {
        database.writes()
                .sql("delete from ear where job = ?")
                .param(tag.number())
                .update();
    }

    /** Everybody whose guesses were measured. */
    public List<String> people() {
        return database.reads()
                .sql("select distinct person from ear order by person")
                .query(String.class)
                .list();
    }

    /** What a person heard, oldest first; the newest {@value #NEWEST} of it. */
    public List<HeardGuess> of(String person) {
        return database.reads()
                .sql("select job, said_at, speed, guessed_ev, measured_ev from ear where person = ?"
                        + " order by said_at desc limit " + NEWEST)
                .param(person)
                .query((row, index) -> new HeardGuess(
                        new TagNumber(row.getInt("job")),
                        Instant.parse(row.getString("said_at")),
                        row.getString("speed"),
                        row.getDouble("guessed_ev"),
                        row.getDouble("measured_ev")))
                .list()
                .reversed();
    }
}
