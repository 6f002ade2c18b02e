package ruvant.server.storage.copy;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import ruvant.server.storage.DurableFile;

/** A whole shop in one ZIP file: its own file as it was at one moment, then the files that go with it. */
public final class Backup {
    private Backup() {}

    /**
     * Makes one and checks it by opening it; the shop may work meanwhile.
     *
     * @return what the check of the finished file found
     * @throws IOException where it cannot be read or written; nothing is left at the target then
     */
    public static ShopCheck make(Path folder, Path target) throws IOException {
        Path between = Files.createTempDirectory(parent(target), "backup-");
        try {
            Path moment = between.resolve(ShopFolder.FILE);
            snapshot(folder.resolve(ShopFolder.FILE), moment);
            try (DurableFile file = DurableFile.in(parent(target))) {
                try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(file.content()) {
                    @Override
                    public void close() throws IOException {
                        // the file itself stays open until it is on disk
                        flush();
                    }
                })) {
                    put(zip, ShopFolder.FILE, moment);
                    // pictures and recordings never change, so those the file knows of are there
                    for (String place : ShopFolder.filesBeside(folder)) {
                        put(zip, place, folder.resolve(place));
                    }
                }
                file.keep(target);
            }
        } finally {
            clear(between);
        }
        return check(target);
    }

    private static Path parent(Path target) {
        return target.toAbsolutePath().getParent();
    }

    private static void snapshot(Path file, Path moment) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException("there is no shop in " + file.getParent());
        }
        try (Connection reads = ShopCheck.reading(file);
                PreparedStatement copy = reads.prepareStatement("vacuum into ?")) {
            copy.setString(1, moment.toString());
            copy.execute();
            withoutSessions(moment);
        } catch (SQLException problem) {
            throw new IOException("the shop's file cannot be copied: " + problem.getMessage(), problem);
        }
    }

    /** A session that was ended must not begin again because a backup was restored. */
    private static void withoutSessions(Path moment) throws SQLException {
        try (Connection writes = DriverManager.getConnection("jdbc:sqlite:" + moment);
                Statement of = writes.createStatement()) {
            boolean hasPeople = of.executeQuery("select 1 from sqlite_schema where name = 'session'")
                    .next();
            if (hasPeople) {
                of.execute("pragma secure_delete = on");
                of.execute("delete from session");
                of.execute("delete from device");
            }
        }
    }

    private static void put(ZipOutputStream zip, String place, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(place));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    /** Opens a backup somewhere else and looks at all of it. */
    public static ShopCheck check(Path backup) throws IOException {
        Path somewhere = Files.createTempDirectory(parent(backup), "check-");
        try {
            List<String> problems = unpack(backup, somewhere);
            ShopCheck found = ShopCheck.of(somewhere);
            problems.addAll(found.problems());
            return new ShopCheck(found.lines(), found.files(), problems);
        } finally {
            clear(somewhere);
        }
    }

    /** Unpacks what belongs to a shop; says what else was in it. */
    static List<String> unpack(Path backup, Path folder) throws IOException {
        List<String> problems = new ArrayList<>();
        try (InputStream in = new BufferedInputStream(Files.newInputStream(backup));
                ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!ShopFolder.isOurs(entry.getName())) {
                    problems.add("“" + entry.getName() + "” in it is nothing that Ruvant keeps, and was left out.");
                    continue;
                }
                Path target = folder.resolve(entry.getName());
                Files.createDirectories(target.getParent());
                Files.copy(zip, target, StandardCopyOption.REPLACE_EXISTING);
            }
        }
        return problems;
    }

    /** Removes a folder that was only needed in between. */
    static void clear(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(one);
            }
        }
    }
}
