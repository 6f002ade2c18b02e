package ruvant.server.storage;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * A file that is on disk before it has its name: written beside, forced out, moved into place, and its folder forced out as
 * well, so that what was answered for survives the plug being pulled.
 */
public final class DurableFile implements AutoCloseable {
    /** What a half-written file is called; leftovers may be deleted. */
    public static final String HALF = ".part";

    private final Path half;
    private final FileChannel channel;

    private DurableFile(Path half, FileChannel channel) {
        this.half = half;
        this.channel = channel;
    }

    /** Begins one in a folder, which is made where it is not there. */
    public static DurableFile in(Path folder) throws IOException {
        makeFolder(folder);
        Path half = Files.createTempFile(folder, "new", HALF);
        return new DurableFile(half, FileChannel.open(half, StandardOpenOption.WRITE));
    }

    /** Writes a whole file. */
    public static void write(Path target, byte[] content) throws IOException {
        try (DurableFile file = in(target.getParent())) {
            file.content().write(content);
            file.keep(target);
        }
    }

    /** Copies a whole file. */
    public static void write(Path target, InputStream content) throws IOException {
        try (DurableFile file = in(target.getParent())) {
            content.transferTo(file.content());
            file.keep(target);
        }
    }

    /** Where its content goes; closing this is left to {@link #close}. */
    public OutputStream content() {
        return Channels.newOutputStream(channel);
    }

    /** Gives it its name, on the disk of its folder. */
    public void keep(Path target) throws IOException {
        channel.force(true);
        channel.close();
        makeFolder(target.getParent());
        try {
            Files.move(half, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(half, target, StandardCopyOption.REPLACE_EXISTING);
        }
        force(target.getParent());
    }

    /** Forgets it where it was not kept. */
    @Override
    public void close() throws IOException {
        channel.close();
        Files.deleteIfExists(half);
    }

    private static void makeFolder(Path folder) throws IOException {
        if (Files.isDirectory(folder)) {
            return;
        }
        Path above = folder.toAbsolutePath().getParent();
        if (above != null) {
            makeFolder(above);
        }
        if (!Files.isDirectory(folder)) {
            Files.createDirectories(folder);
            if (above != null) {
                force(above);
            }
        }
    }

    /** A name in a folder is data of the folder; where a system has no way to force that out, it does so by itself. */
    private static void force(Path folder) {
        try (FileChannel names = FileChannel.open(folder, StandardOpenOption.READ)) {
            names.force(true);
        } catch (IOException notHere) {
            // not every system opens folders
        }
    }
}
