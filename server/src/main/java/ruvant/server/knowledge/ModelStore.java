package ruvant.server.knowledge;

import java.util.List;
import org.springframework.stereotype.Repository;
import ruvant.core.knowledge.PatternSigns;
import ruvant.core.trade.Family;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Database;

/** Which models came in, and which jobs were of a model. */
@Repository
public class ModelStore {
    /** More jobs than these teach nothing new; the newest count. */
    private static final int LEARNED_FROM = 60;

    private final Database database;

    public ModelStore(Database database) {
        this.database = database;
    }

    /** A model, how many of it came in, and how many are here still. */
    public record Counted(String maker, String model, int jobs, int here) {}

    /** All models, the commonest first. */
    public List<Counted> all() {
        return database.reads()
                .sql("""
                        select maker, model, count(*) as jobs, sum(returned_at is null) as here
                          from job_summary
                         group by maker collate nocase, model collate nocase
                         order by jobs desc, maker, model
                         limit 500
                        """)
                .query((row, index) -> new Counted(
                        row.getString("maker"), row.getString("model"), row.getInt("jobs"), row.getInt("here")))
                .list();
    }

    /** Pattern, serial number and features of every camera of a model that came in. */
    public List<PatternSigns.Seen> seen(String maker, String model) {
        return database.reads()
                .sql("""
                        select pattern, serial, features from job_summary
                         where maker = ? collate nocase and model = ? collate nocase
                        """)
                .params(maker, model)
                .query((row, index) -> new PatternSigns.Seen(
                        row.getString("pattern"),
                        row.getString("serial"),
                        row.getString("features").lines().toList()))
                .list();
    }

    /** The newest jobs of a model, newest first. */
    public List<TagNumber> tags(String maker, String model) {
        return database.reads().sql("""
                        select job from job_summary
                         where maker = ? collate nocase and model = ? collate nocase
                         order by job desc limit ?
                        """).params(maker, model, LEARNED_FROM).query(Integer.class).list().stream()
                .map(TagNumber::new)
                .toList();
    }

    /** The newest jobs of other models of a family, newest first. */
    public List<TagNumber> family(Family family, String maker, String model) {
        return database
                .reads()
                .sql("""
                        select job from job_summary
                         where family = ? and not (maker = ? collate nocase and model = ? collate nocase)
                         order by job desc limit ?
                        """)
                .params(family.name(), maker, model, LEARNED_FROM)
                .query(Integer.class)
                .list()
                .stream()
                .map(TagNumber::new)
                .toList();
    }
}
