package ruvant.server.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** One Ruvant at a time has a data folder; the system lets go of it when that one ends, however it ends. */
final class FolderLock implements AutoCloseable {
    private static final String FILE = "ruvant.lock";
    private static final int LONGEST = 200;

    private final FileChannel channel;

    private FolderLock(FileChannel channel) {
        this.channel = channel;
    }

    /** @throws CannotStartException where another has it */
    static FolderLock on(Path folder) {
        Path file = folder.resolve(FILE);
        FileChannel channel = null;
        try {
            channel = FileChannel.open(
                    file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
            if (!locked(channel)) {
                String other = said(file);
                channel.close();
                throw new CannotStartException(
                        "Another Ruvant is working with the data in " + folder.toAbsolutePath() + other + ".",
                        "Use that one in the browser, or end it first. For a second shop, choose another folder with --data.");
            }
            channel.truncate(0);
            String mine = "process %d, started %s"
                    .formatted(ProcessHandle.current().pid(), Instant.now().truncatedTo(ChronoUnit.SECONDS));
            channel.write(ByteBuffer.wrap(mine.getBytes(StandardCharsets.UTF_8)), 0);
            return new FolderLock(channel);
        } catch (IOException problem) {
            throw CannotStartException.of(folder, problem);
        }
    }

    private static boolean locked(FileChannel channel) throws IOException {
        try {
            FileLock lock = channel.tryLock();
            return lock != null;
        } catch (OverlappingFileLockException here) {
            return false;
        }
    }

    private static String said(Path file) {
        try {
            String text = Files.readString(file).strip();
            return text.isEmpty() ? "" : " (" + text.substring(0, Math.min(LONGEST, text.length())) + ")";
        } catch (IOException unreadable) {
            return "";
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException gone) {
            // the system lets go of it in any case
        }
    }
}
