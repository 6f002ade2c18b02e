package ruvant.server.job;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Repository;
import ruvant.core.log.Effect;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Family;
import ruvant.core.units.TagNumber;
import ruvant.server.record.Projection;
import ruvant.server.storage.Database;
import ruvant.server.storage.Times;

/** What lists need of each job, kept in the transaction that adds its lines. */
@Repository
public class SummaryStore implements Projection<JobPicture> {
    private static final String COLUMNS = """
            job, maker, model, pattern, serial, family, owner, complaint, cause, came_in, promised, returned_at, minutes,
            pieces_off, last_sequence, last_at, trays, features, customer
            """;

    private static final String LINE = "\n";
    private static final int NO_CAMERA = 0;

    private final Database database;

    public SummaryStore(Database database) {
        this.database = database;
    }

    @Override
    public String name() {
        return "summaries";
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public boolean concerns(List<Effect> effects) {
        return true;
    }

    /** Writes the summary of a job as it is now. */
    @Override
    public void put(JobPicture picture) {
        JobSummary summary = JobSummary.of(picture);
        if (!onlyMovedOn(summary)) {
            database.writes()
                    .sql("insert or replace into job_summary (" + COLUMNS
                            + ") values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
                    .params(joined(
                            joined(described(summary), figures(summary)),
                            List.of(features(summary), customer(summary))))
                    .update();
        }
    }

    /** Most lines change figures only; writing those alone leaves the row's index, a page on disk, as it is. */
    private boolean onlyMovedOn(JobSummary summary) {
        return database.writes()
                        .sql("""
                        update job_summary set minutes = ?, pieces_off = ?, last_sequence = ?, last_at = ?, trays = ?
                         where job = ? and maker = ? and model = ? and pattern = ? and serial = ? and family = ?
                           and owner = ? and complaint = ? and cause = ? and came_in = ? and promised is ?
                           and returned_at is ? and features = ? and customer = ?
                        """)
                        .params(joined(
                                joined(figures(summary), described(summary)),
                                List.of(features(summary), customer(summary))))
                        .update()
                == 1;
    }

    /** The columns up to returned_at, in their order. */
    private static List<Object> described(JobSummary summary) {
        return Arrays.asList(
                summary.tag().number(),
                summary.which().maker(),
                summary.which().model(),
                summary.which().pattern(),
                summary.which().serial(),
                summary.which().family().name(),
                summary.said().owner(),
                summary.said().complaint(),
                summary.said().cause(),
                Times.text(summary.days().cameIn()),
                summary.days().promised().map(LocalDate::toString).orElse(null),
                summary.days().returnedAt().map(Times::text).orElse(null));
    }

    /** The columns from minutes to trays, in their order. */
    private static List<Object> figures(JobSummary summary) {
        return List.of(
                summary.stands().minutes(),
                summary.stands().piecesOff(),
                summary.stands().lastSequence(),
                Times.text(summary.stands().lastAt()),
                summary.stands().trays().stream().map(String::valueOf).collect(Collectors.joining(" ")));
    }

    private static String features(JobSummary summary) {
        return String.join(LINE, summary.said().features());
    }

    private static String customer(JobSummary summary) {
        return summary.said().customer().map(UUID::toString).orElse("");
    }

    private static List<Object> joined(List<Object> first, List<Object> then) {
        List<Object> all = new ArrayList<>(first);
        all.addAll(then);
        return all;
    }

    /** Jobs still in the shop, oldest first. */
    public List<JobSummary> open() {
        return database.reads()
                .sql("select " + COLUMNS + " from job_summary where returned_at is null order by job")
                .query(SummaryStore::summary)
                .list();
    }

    /** A camera that is here and has pieces lying in a tray. */
    public record InTray(TagNumber tag, List<Integer> trays) {}

    /** Cameras that are here and have pieces in a tray, oldest first. */
    public List<InTray> inTrays() {
        return inTraysBut(NO_CAMERA);
    }

    /** The same without one camera, which knows what it has there. */
    public List<InTray> inTraysBeside(TagNumber tag) {
        return inTraysBut(tag.number());
    }

    private List<InTray> inTraysBut(int number) {
        return database.reads()
                .sql("""
                        select job, trays from job_summary
                         where returned_at is null and trays <> '' and job <> ?
                         order by job
                        """)
                .param(number)
                .query((row, index) -> new InTray(new TagNumber(row.getInt("job")), numbers(row.getString("trays"))))
                .list();
    }

    private static List<Integer> numbers(String trays) {
        return Arrays.stream(trays.split(" "))
                .filter(one -> !one.isEmpty())
                .map(Integer::valueOf)
                .toList();
    }

    /**
     * Jobs that were returned, newest first.
     *
     * @param below only tags below this number
     */
    public List<JobSummary> returned(int below, int most) {
        return database.reads()
                .sql("select " + COLUMNS
                        + " from job_summary where returned_at is not null and job < ? order by job desc limit ?")
                .params(below, most)
                .query(SummaryStore::summary)
                .list();
    }

    /** How many jobs were returned. */
    public int countReturned() {
        return database.reads()
                .sql("select count(*) from job_summary where returned_at is not null")
                .query(Integer.class)
                .single();
    }

    /** Every summary, lowest tag first. */
    public List<JobSummary> all() {
        return database.reads()
                .sql("select " + COLUMNS + " from job_summary order by job")
                .query(SummaryStore::summary)
                .list();
    }

    /** What the lists know of one job. */
    public Optional<JobSummary> of(TagNumber tag) {
        return database.reads()
                .sql("select " + COLUMNS + " from job_summary where job = ?")
                .param(tag.number())
                .query(SummaryStore::summary)
                .optional();
    }

    /** Jobs that hold every word, each as the beginning of one of theirs; newest first. */
    public List<JobSummary> find(String words, int most) {
        return find(words, true, most);
    }

    /**
     * The same.
     *
     * @param byOwner whether owners' names are looked through as well; whoever may not see them could guess at them otherwise
     */
    public List<JobSummary> find(String words, boolean byOwner, int most) {
        String query = Arrays.stream(words.strip().split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> '"' + word + "\"*")
                .collect(Collectors.joining(" "));
        if (query.isEmpty()) {
            return List.of();
        }
        return database.reads()
                .sql("select " + COLUMNS + """
                         from job_summary
                        where job in (select rowid from job_find where job_find match ? order by rowid desc limit ?)
                        order by job desc
                        """)
                .params(byOwner ? query : "{tag maker model serial complaint} : (" + query + ")", most)
                .query(SummaryStore::summary)
                .list();
    }

    /** Jobs of the same camera, lowest tag first. */
    public List<JobSummary> sameCamera(String maker, String model, String serial) {
        return database.reads()
                .sql("select " + COLUMNS + """
                         from job_summary
                        where serial = ? and maker = ? collate nocase and model = ? collate nocase
                        order by job
                        """)
                .params(serial, maker, model)
                .query(SummaryStore::summary)
                .list();
    }

    /** Jobs of a customer, newest first: those of the cards, and those without a card that go by the name. */
    public List<JobSummary> ofCustomer(List<UUID> cards, String name) {
        return database.reads()
                .sql("select " + COLUMNS + """
                         from job_summary
                        where customer in (:cards) or customer = '' and owner = :name
                        order by job desc
                        """)
                .param(
                        "cards",
                        cards.isEmpty()
                                ? List.of("-")
                                : cards.stream().map(UUID::toString).toList())
                .param("name", name)
                .query(SummaryStore::summary)
                .list();
    }

    /** The last owners of whom a job was opened, the latest first; each with how many jobs there are. */
    public List<OwnerRow> owners(int most) {
        return database.reads()
                .sql("""
                        select owner, customer, count(*) as jobs, sum(returned_at is null) as here, max(job) as last
                          from job_summary
                         group by customer, owner
                         order by last desc
                         limit ?
                        """)
                .param(most)
                .query((row, index) -> new OwnerRow(
                        row.getString("owner"),
                        Optional.of(row.getString("customer"))
                                .filter(one -> !one.isEmpty())
                                .map(UUID::fromString),
                        row.getInt("jobs"),
                        row.getInt("here")))
                .list();
    }

    /**
     * Somebody whose cameras were here.
     *
     * @param jobs in all
     * @param here of these
     */
    public record OwnerRow(String owner, Optional<UUID> customer, int jobs, int here) {}

    private static JobSummary summary(ResultSet row, int index) throws SQLException {
        return new JobSummary(
                new TagNumber(row.getInt("job")),
                new JobSummary.Which(
                        row.getString("maker"),
                        row.getString("model"),
                        row.getString("pattern"),
                        row.getString("serial"),
                        Family.valueOf(row.getString("family"))),
                new JobSummary.JobSaid(
                        row.getString("owner"),
                        row.getString("complaint"),
                        row.getString("cause"),
                        row.getString("features").lines().toList(),
                        Optional.of(row.getString("customer"))
                                .filter(one -> !one.isEmpty())
                                .map(UUID::fromString)),
                new JobSummary.Days(
                        Instant.parse(row.getString("came_in")),
                        Optional.ofNullable(row.getString("promised")).map(LocalDate::parse),
                        Optional.ofNullable(row.getString("returned_at")).map(Instant::parse)),
                new JobSummary.JobStands(
                        row.getLong("minutes"),
                        row.getInt("pieces_off"),
                        row.getLong("last_sequence"),
                        Instant.parse(row.getString("last_at")),
                        numbers(row.getString("trays"))));
    }
}
