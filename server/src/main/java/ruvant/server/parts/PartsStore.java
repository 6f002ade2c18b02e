package ruvant.server.parts;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import org.springframework.stereotype.Repository;
import ruvant.core.job.JobEffect;
import ruvant.core.log.Effect;
import ruvant.core.parts.Fit;
import ruvant.core.parts.NeedRecord;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** What cameras needed, and what was tried to fit, over all jobs. */
@Repository
public class PartsStore implements Projection<JobPicture> {
    private final Database database;

    public PartsStore(Database database) {
        this.database = database;
    }

    /** A fit that was tried, and at which camera. */
    public record TriedFit(TagNumber tag, Fit fit) {}

    @Override
    public String name() {
        return "needs and fits";
    }

    @Override
    public int version() {
        return 1;
    }

    @Override
    public boolean concerns(List<Effect> effects) {
        return effects.contains(JobEffect.Plain.PARTS_TOLD);
    }

    /** Writes what a job says of needs and fits. */
    @Override
    public void put(JobPicture picture) {
        int job = picture.tag().number();
        database.writes().sql("delete from part_need where job = ?").param(job).update();
        database.writes().sql("delete from part_fit where job = ?").param(job).update();
        for (PartsPicture.Need need : picture.parts().needs()) {
            database.writes()
                    .sql("insert into part_need (job, part, what, opened_at, open) values (?, ?, ?, ?, ?)")
                    .params(job, need.wanted().text(), need.what(), Times.text(need.since()), need.open() ? 1 : 0)
                    .update();
        }
        for (PartsPicture.SeenFit seen : picture.parts().fits()) {
            CameraKind from = seen.what().from();
            database.writes()
                    .sql("""
                            insert into part_fit (job, at, part, from_maker, from_model, from_pattern, outcome)
                            values (?, ?, ?, ?, ?, ?, ?)
                            """)
                    .params(
                            job,
                            Times.text(seen.at()),
                            seen.what().part().text(),
                            from.maker(),
                            from.model(),
                            from.pattern(),
                            seen.what().outcome().name())
                    .update();
        }
    }

    /** Every need there was, oldest first; open only where its camera is still here. */
    public List<NeedRecord> needs() {
        return database.reads().sql("""
                        select n.job, n.part, n.what, n.opened_at, n.open and s.returned_at is null as open,
                               s.maker, s.model, s.pattern
                          from part_need n join job_summary s on s.job = n.job
                         order by n.opened_at
                        """).query(PartsStore::need).list();
    }

    private static NeedRecord need(ResultSet row, int index) throws SQLException {
        return new NeedRecord(
                new TagNumber(row.getInt("job")),
                PartName.of(row.getString("part")),
                row.getString("what"),
                new CameraKind(row.getString("maker"), row.getString("model"), row.getString("pattern")),
                Times.time(row.getString("opened_at")),
                row.getInt("open") == 1);
    }

    /** Every fit that was tried, oldest first. */
    public List<TriedFit> fits() {
        return database.reads()
                .sql("""
                        select f.job, f.part, f.from_maker, f.from_model, f.from_pattern, f.outcome,
                               s.maker, s.model, s.pattern
                          from part_fit f join job_summary s on s.job = f.job
                         order by f.at
                        """)
                .query((row, index) -> new TriedFit(
                        new TagNumber(row.getInt("job")),
                        new Fit(
                                row.getString("part"),
                                new CameraKind(
                                        row.getString("from_maker"),
                                        row.getString("from_model"),
                                        row.getString("from_pattern")),
                                new CameraKind(
                                        row.getString("maker"), row.getString("model"), row.getString("pattern")),
                                FitOutcome.valueOf(row.getString("outcome")))))
                .list();
    }
}
