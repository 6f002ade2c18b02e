package ruvant.server.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * How many lines were ever written, in the shop's file and once more beside it. Where the file knows of fewer, its journal was cut
 * or lost: what SQLite itself takes for the end of the story.
 */
public final class Tally implements AutoCloseable {
    /** Stands beside the shop's file. */
    public static final String FILE = "ruvant.tally";

    private static final int DIGITS = 20;

    private final JdbcClient writes;
    private final FileChannel beside;
    private long latest;

    private Tally(JdbcClient writes, FileChannel beside) {
        this.writes = writes;
        this.beside = beside;
    }

    static Tally in(Path folder, JdbcClient writes) throws IOException {
        return new Tally(
                writes, FileChannel.open(folder.resolve(FILE), StandardOpenOption.CREATE, StandardOpenOption.WRITE));
    }

    /** Lines that are missing from the file by what stands beside it; 0 where none are. */
    static long missing(Path folder, JdbcClient reads) {
        long inFile = reads.sql("select lines from tally").query(Long.class).single();
        try {
            String text = Files.readString(folder.resolve(FILE)).strip();
            return text.matches("\\d{1,20}") ? Math.max(0, Long.parseLong(text) - inFile) : 0;
        } catch (IOException | NumberFormatException none) {
            return 0;
        }
    }

    /** One more line is written in the transaction that runs; beside the file it is counted once that has ended well. */
    public void oneMore() {
        more(1);
    }

    /** The same for several. */
    public void more(int written) {
        long lines = writes.sql("update tally set lines = lines + ? returning lines")
                .param(written)
                .query(Long.class)
                .single();
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            written(lines);
            return;
        }
        boolean first = latest == 0;
        latest = lines;
        if (first) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCommit() {
                    written(latest);
                }

                @Override
                public void afterCompletion(int status) {
                    latest = 0;
                }
            });
        }
    }

    /** Not forced out: where the plug is pulled it may lag behind the file, which is no harm. */
    private void written(long lines) {
        try {
            beside.write(
                    ByteBuffer.wrap(("%0" + DIGITS + "d").formatted(lines).getBytes(StandardCharsets.US_ASCII)), 0);
        } catch (IOException problem) {
            // the lines are safe in the file; only the second look at them is missing
        }
    }

    @Override
    public void close() {
        try {
            beside.close();
        } catch (IOException gone) {
            // nothing is lost by it
        }
    }
}
