package ruvant.server.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.flywaydb.core.Flyway;
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

    private Database(HikariDataSource writer, HikariDataSource reader) {
        this.writer = writer;
        this.reader = reader;
        this.transaction = new TransactionTemplate(new DataSourceTransactionManager(writer));
        this.writes = JdbcClient.create(writer);
        this.reads = JdbcClient.create(reader);
    }

    /**
     * Opens the file, making it and bringing its tables up to date where needed.
     *
     * @param synchronous "FULL" for a shop's data: what was answered is on disk; "OFF" for throwaway data
     */
    public static Database open(Path file, String synchronous) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
        } catch (IOException problem) {
            throw new IllegalStateException(
                    "The data folder " + file.toAbsolutePath().getParent()
                            + " cannot be created. Check its permissions.",
                    problem);
        }
        HikariDataSource writer = pool(file, synchronous, 1, "writer");
        Flyway.configure()
                .dataSource(writer)
                .locations("classpath:db/migration")
                .load()
                .migrate();
        return new Database(writer, pool(file, synchronous, READERS, "reader"));
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

    /** The writing connection's source, for work in batches. */
    public javax.sql.DataSource writer() {
        return writer;
    }

    @Override
    public void close() {
        reader.close();
        writer.close();
    }
}
