package ruvant.server.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The shop's file. One connection writes, a few read: SQLite takes one writer at a time anyway, and queueing for it here
 * is kinder than a busy answer.
 */
public final class Database implements AutoCloseable {
    private static final int READERS = 4;
    private static final int BUSY_MS = 10_000;

    private final HikariDataSource writer;
    private final HikariDataSource reader;
    private final TransactionTemplate transaction;
    private final JdbcClient writes;
    private final JdbcClient reads;
    private final JdbcTemplate rowsAtOnce;

    private final FolderLock lock;
    private final Tally tally;
    private final List<Damage> damage;
    private final Path file;

    private Database(Path file, FolderLock lock, HikariDataSource writer, HikariDataSource reader) throws IOException {
        this.file = file;
        this.lock = lock;
        this.writer = writer;
        this.reader = reader;
        this.transaction = new TransactionTemplate(new DataSourceTransactionManager(writer));
        this.writes = JdbcClient.create(writer);
        this.reads = JdbcClient.create(reader);
        this.rowsAtOnce = new JdbcTemplate(writer);
        this.damage = Opening.damage(file, reads);
        this.tally = Tally.in(file.toAbsolutePath().getParent(), writes);
    }

    /**
     * Opens the file, making it and bringing its tables up to date where needed. Nobody else can open it meanwhile.
     *
     * @param synchronous "FULL" for a shop's data: what was answered is on disk; "OFF" for throwaway data
     * @throws CannotStartException in words, where it cannot be worked with
     */
    public static Database open(Path file, String synchronous) {
        Path folder = file.toAbsolutePath().getParent();
        try {
            Files.createDirectories(folder);
        } catch (IOException problem) {
            throw CannotStartException.of(folder, problem);
        }
        FolderLock lock = FolderLock.on(folder);
        HikariDataSource writer = null;
        try {
            Replacing.ifReady(folder);
            boolean wasThere = Files.exists(file);
            writer = pool(file, synchronous, 1, "writer");
            Opening.upToDate(file, writer, wasThere);
            return new Database(file, lock, writer, pool(file, synchronous, READERS, "reader"));
        } catch (IOException problem) {
            close(writer, lock);
            throw CannotStartException.of(folder, problem);
        } catch (RuntimeException problem) {
            close(writer, lock);
            throw StorageTrouble.of(problem)
                    .<RuntimeException>map(trouble -> new CannotStartException(
                            "The shop's file " + file.toAbsolutePath() + " cannot be opened: " + trouble.what(),
                            trouble.remedy()))
                    .orElse(problem);
        }
    }

    private static void close(HikariDataSource writer, FolderLock lock) {
        if (writer != null) {
            writer.close();
        }
        lock.close();
    }

    private static HikariDataSource pool(Path file, String synchronous, int size, String name) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:sqlite:" + file);
        config.setMaximumPoolSize(size);
        config.setMinimumIdle(1);
        config.setPoolName(name);
        config.addDataSourceProperty("journal_mode", "WAL");
        config.addDataSourceProperty("synchronous", synchronous);
        config.addDataSourceProperty("busy_timeout", Integer.toString(BUSY_MS));
        config.addDataSourceProperty("foreign_keys", "true");
        config.addDataSourceProperty("cache_size", "-32000");
        return new HikariDataSource(config);
    }

    /** Statements outside a transaction, or inside {@link #transaction()}, that write. */
    public JdbcClient writes() {
        return writes;
    }

    /** Statements that only read. */
    public JdbcClient reads() {
        return reads;
    }

    /** Runs a piece of work as one: all of it is stored, or nothing. */
    public TransactionTemplate transaction() {
        return transaction;
    }

    /** One statement for many rows, in the transaction that runs. */
    public void batch(String sql, List<Object[]> rows) {
        rowsAtOnce.batchUpdate(sql, rows);
    }

    /** How many lines were ever written. */
    public Tally tally() {
        return tally;
    }

    /** What was wrong with the file when it was opened. */
    public List<Damage> damage() {
        return damage;
    }

    /** Looks through a file that was too large for that when it was opened. */
    public Optional<Damage> lookThrough() {
        return Opening.isSmall(file) ? Optional.empty() : Damage.ofFile(Opening.lookedThrough(reads));
    }

    /** Where the file is. */
    public Path file() {
        return file;
    }

    /** The writing connection's source, for work in batches. */
    public javax.sql.DataSource writer() {
        return writer;
    }

    @Override
    public void close() {
        reader.close();
        writer.close();
        tally.close();
        lock.close();
    }
}
