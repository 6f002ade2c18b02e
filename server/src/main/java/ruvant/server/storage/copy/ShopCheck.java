package ruvant.server.storage.copy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import org.sqlite.SQLiteConfig;
import ruvant.core.units.TagNumber;
import ruvant.server.storage.Seal;
import ruvant.server.storage.StorageTrouble;

/**
 * A whole look at a shop's folder, while nobody or somebody works in it: the order of the file, the seal of every line, and
 * whether every picture and recording is what its name says.
 *
 * @param lines read
 * @param files read beside the shop's own
 * @param problems what is wrong, as sentences; empty where all is well
 */
public record ShopCheck(long lines, int files, List<String> problems) {
    private static final int MOST_SAID = 50;

    /** Looks at all of it. */
    public static ShopCheck of(Path folder) throws IOException {
        List<String> problems = new ArrayList<>();
        Path file = folder.resolve(ShopFolder.FILE);
        if (!Files.isRegularFile(file)) {
            return new ShopCheck(
                    0, 0, List.of("There is no shop in " + folder + ": " + ShopFolder.FILE + " is missing."));
        }
        long lines = 0;
        try (Connection reads = reading(file);
                Statement statement = reads.createStatement()) {
            inOrder(statement, problems);
            lines = sealed(statement, problems);
        } catch (SQLException problem) {
            problems.add(StorageTrouble.of(problem)
                    .map(trouble -> "The shop's file cannot be read: " + trouble.what())
                    .orElse("The shop's file cannot be read: " + problem.getMessage()));
        }
        List<String> beside = ShopFolder.filesBeside(folder);
        for (String place : beside) {
            if (!fingerprintFits(folder, place)) {
                problems.add("The file " + place + " is damaged: its content is not what it was.");
            }
        }
        return new ShopCheck(
                lines, beside.size(), problems.stream().limit(MOST_SAID).toList());
    }

    static Connection reading(Path file) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        config.setBusyTimeout(10_000);
        return DriverManager.getConnection("jdbc:sqlite:" + file, config.toProperties());
    }

    private static void inOrder(Statement statement, List<String> problems) throws SQLException {
        try (ResultSet said = statement.executeQuery("pragma integrity_check(20)")) {
            while (said.next()) {
                if (!said.getString(1).equals("ok")) {
                    problems.add("The shop's file is damaged: "
                            + said.getString(1).replaceAll("\\s+", " ").strip() + ".");
                }
            }
        }
    }

    private static long sealed(Statement statement, List<String> problems) throws SQLException {
        long lines = 0;
        boolean hasSeals;
        try (ResultSet column =
                statement.executeQuery("select count(*) from pragma_table_info('line') where name = 'seal'")) {
            hasSeals = column.getInt(1) > 0;
        }
        String seal = hasSeals ? "seal" : "null";
        try (ResultSet row = statement.executeQuery(
                "select log, sequence, id, at, signer, before, body, " + seal + " as seal from line")) {
            while (row.next()) {
                lines++;
                long kept = row.getLong("seal");
                if (!row.wasNull()
                        && kept
                                != Seal.ofLine(
                                        row.getInt("log"),
                                        row.getLong("sequence"),
                                        row.getString("id"),
                                        row.getString("at"),
                                        row.getString("signer"),
                                        row.getString("before"),
                                        row.getString("body"))) {
                    problems.add("Line %d of %s changed after it was written."
                            .formatted(row.getLong("sequence"), name(row.getInt("log"))));
                }
            }
        }
        return lines;
    }

    private static String name(int log) {
        return log > 0 ? new TagNumber(log).toString() : "the shop's own records";
    }

    private static boolean fingerprintFits(Path folder, String place) throws IOException {
        String promised = ShopFolder.promised(place);
        if (promised.isEmpty()) {
            return true;
        }
        try (InputStream in = Files.newInputStream(folder.resolve(place))) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            byte[] some = new byte[1 << 16];
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                digest.update(some, 0, read);
            }
            return HexFormat.of().formatHex(digest.digest()).equals(promised);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
