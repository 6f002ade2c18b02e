package ruvant.server.figures;

import java.time.YearMonth;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import ruvant.core.log.Effect;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Work;
import ruvant.core.plan.tasks.Works;
import ruvant.core.sitting.SittingTime;
import ruvant.core.units.TagNumber;
import ruvant.core.warranty.Likeness;
import ruvant.core.warranty.WarrantyEntry;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;

/** Minutes by month, kind of work and person, and which cameras came back; kept in the transaction that adds the lines. */
@Repository
class WorkDoneStore implements Projection<JobPicture> {
    private final Database database;

    WorkDoneStore(Database database) {
        this.database = database;
    }

    @Override
    public String name() {
        return "work done";
    }

    @Override
    public int version() {
        return 1;
    }

    @Override
    public boolean concerns(List<Effect> effects) {
        return true;
    }

    private record Key(String month, Work work, String person) {}

    @Override
    public void put(JobPicture picture) {
        int job = picture.tag().number();
        Map<Key, Long> minutes = new HashMap<>();
        for (SittingTime.Sat sat : picture.sitting().sittings()) {
            String month =
                    YearMonth.from(sat.from().atZone(ZoneId.systemDefault())).toString();
            minutes.merge(new Key(month, Works.at(sat.stop()), sat.by()), sat.minutes(), Long::sum);
        }
        Map<Key, Long> known = new HashMap<>();
        database.writes()
                .sql("select month, work, person, minutes from work_done where job = ?")
                .param(job)
                .query(row -> {
                    Key key = new Key(
                            row.getString("month"), Work.valueOf(row.getString("work")), row.getString("person"));
                    known.put(key, row.getLong("minutes"));
                });
        // most lines are no sitting: then there is nothing to write
        if (!known.equals(minutes)) {
            database.writes()
                    .sql("delete from work_done where job = ?")
                    .param(job)
                    .update();
            minutes.forEach((key, sum) -> database.writes()
                    .sql("insert into work_done (job, month, work, person, minutes) values (?, ?, ?, ?, ?)")
                    .params(job, key.month(), key.work().name(), key.person(), sum)
                    .update());
        }
        database.writes().sql("delete from came_back where job = ?").param(job).update();
        picture.before().said().ifPresent(said -> put(job, said.what()));
    }

    private void put(int job, WarrantyEntry.CameBack what) {
        database.writes()
                .sql("insert into came_back (job, earlier, judged, covered) values (?, ?, ?, ?)")
                .param(job)
                .param(what.earlier().number())
                .param(what.judged() == null ? null : what.judged().name())
                .param(what.covered() == null ? null : what.covered() ? 1 : 0)
                .update();
    }

    /** Minutes of one kind of work in a month. */
    record WorkMonth(YearMonth month, Work work, long minutes) {}

    /** All that was worked since a month, by month and kind. */
    List<WorkMonth> work(YearMonth since) {
        return database.reads()
                .sql("""
                        select month, work, sum(minutes) as minutes from work_done
                         where month >= ? group by month, work order by month, work
                        """)
                .param(since.toString())
                .query((row, index) -> new WorkMonth(
                        YearMonth.parse(row.getString("month")),
                        Work.valueOf(row.getString("work")),
                        row.getLong("minutes")))
                .list();
    }

    /** Cameras that went home in a month. */
    record ReturnedMonth(YearMonth month, int cameras) {}

    /** How many went home since a month. */
    List<ReturnedMonth> returned(YearMonth since) {
        return database.reads()
                .sql("""
                        select substr(returned_at, 1, 7) as month, count(*) as cameras from job_summary
                         where returned_at >= ? group by 1 order by 1
                        """)
                .param(since.toString())
                .query((row, index) ->
                        new ReturnedMonth(YearMonth.parse(row.getString("month")), row.getInt("cameras")))
                .list();
    }

    /**
     * A camera that came back, with what is known of the job that it belongs to.
     *
     * @param cause of the earlier job; may be empty
     * @param person who did most of the earlier work; empty where nobody sat down to it
     */
    record CameBackRow(
            TagNumber tag,
            TagNumber earlier,
            Optional<Likeness> judged,
            Optional<Boolean> covered,
            String cause,
            String model,
            String person,
            YearMonth month) {}

    /** All of them, the latest first. */
    List<CameBackRow> cameBack() {
        return database.reads()
                .sql("""
                        select b.job, b.earlier, b.judged, b.covered, s.cause, s.maker || ' ' || s.model as model,
                               substr(n.came_in, 1, 7) as month,
                               coalesce((select person from work_done w where w.job = b.earlier
                                          group by person order by sum(minutes) desc limit 1), '') as person
                          from came_back b
                          join job_summary s on s.job = b.earlier
                          join job_summary n on n.job = b.job
                         order by b.job desc
                        """)
                .query((row, index) -> new CameBackRow(
                        new TagNumber(row.getInt("job")),
                        new TagNumber(row.getInt("earlier")),
                        Optional.ofNullable(row.getString("judged")).map(Likeness::valueOf),
                        Optional.ofNullable((Integer) row.getObject("covered")).map(one -> one == 1),
                        row.getString("cause"),
                        row.getString("model"),
                        row.getString("person"),
                        YearMonth.parse(row.getString("month"))))
                .list();
    }

    /** How many cameras went home by cause, by model and by who did most of the work: what come-backs are to be held against. */
    record WentHome(String by, int cameras) {}

    /** By model. */
    List<WentHome> byModel() {
        return wentHome("select maker || ' ' || model as one, count(*) as cameras from job_summary"
                + " where returned_at is not null group by 1");
    }

    /** By cause. */
    List<WentHome> byCause() {
        return wentHome("select cause as one, count(*) as cameras from job_summary"
                + " where returned_at is not null and cause <> '' group by 1");
    }

    /** By the person who worked longest on it. */
    List<WentHome> byPerson() {
        return wentHome("""
                select person as one, count(*) as cameras from (
                  select job, person, row_number() over (partition by job order by sum(minutes) desc, person) as place
                    from work_done group by job, person) w
                  join job_summary s on s.job = w.job
                 where place = 1 and s.returned_at is not null group by 1
                """);
    }

    private List<WentHome> wentHome(String sql) {
        return database.reads()
                .sql(sql)
                .query((row, index) -> new WentHome(row.getString("one"), row.getInt("cameras")))
                .list();
    }
}
