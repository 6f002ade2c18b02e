package ruvant.server.copies;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import ruvant.server.storage.StorageTrouble;
import ruvant.server.storage.copy.Backup;
import ruvant.server.storage.copy.Restore;
import ruvant.server.storage.copy.ShopCheck;

/** {@code ./ruvant backup}, {@code restore} and {@code check}: they work on a data folder whether a Ruvant runs on it or not. */
public final class CopiesCommand {
    private CopiesCommand() {}

    public static void main(String[] arguments) {
        System.exit(run(List.of(arguments), System.out, System.err));
    }

    /** Says what it did, and 0 where all is well; 1 where something is wrong; 2 where it was called wrongly. */
    static int run(List<String> arguments, PrintStream out, PrintStream err) {
        String command = arguments.isEmpty() ? "" : arguments.getFirst();
        Path data = Path.of(after("--data", arguments, "ruvant-data"));
        boolean damagedToo = arguments.contains("--damaged-too");
        List<String> plain = plain(arguments);
        try {
            return switch (command) {
                case "backup" -> plain.size() == 1 ? backup(data, Path.of(plain.getFirst()), out, err) : usage(err);
                case "restore" ->
                    plain.size() == 1 ? restore(data, Path.of(plain.getFirst()), damagedToo, out, err) : usage(err);
                case "check" -> plain.isEmpty() ? check(data, out, err) : usage(err);
                default -> usage(err);
            };
        } catch (IOException problem) {
            err.println("That did not work: "
                    + StorageTrouble.of(problem)
                            .map(trouble -> trouble.what() + " " + trouble.remedy())
                            .orElse(problem.getMessage() + "."));
            return 1;
        }
    }

    private static int usage(PrintStream err) {
        err.println("""
                Usage: ruvant backup FILE [--data FOLDER]
                       ruvant restore FILE --data FOLDER [--damaged-too]
                       ruvant check [--data FOLDER]""");
        return 2;
    }

    private static String after(String name, List<String> arguments, String otherwise) {
        int at = arguments.indexOf(name);
        return at >= 0 && at + 1 < arguments.size() ? arguments.get(at + 1) : otherwise;
    }

    private static List<String> plain(List<String> arguments) {
        List<String> plain = new ArrayList<>();
        for (int i = 1; i < arguments.size(); i++) {
            if (arguments.get(i).equals("--data")) {
                i++;
            } else if (!arguments.get(i).startsWith("--")) {
                plain.add(arguments.get(i));
            }
        }
        return plain;
    }

    private static int backup(Path data, Path target, PrintStream out, PrintStream err) throws IOException {
        if (Files.exists(target)) {
            err.println("There is a file " + target + " already. Choose another name.");
            return 1;
        }
        ShopCheck found = Backup.make(data, target.toAbsolutePath());
        out.printf(
                "Backed up %,d lines and %,d files to %s (%,d bytes), and checked it by opening it.%n",
                found.lines(), found.files(), target, Files.size(target));
        return said(found, err);
    }

    private static int restore(Path data, Path backup, boolean damagedToo, PrintStream out, PrintStream err)
            throws IOException {
        if (!Files.isRegularFile(backup)) {
            err.println("There is no backup " + backup + ".");
            return 1;
        }
        Restore.Prepared prepared = Restore.ready(backup, data.toAbsolutePath(), damagedToo);
        ShopCheck found = prepared.found();
        said(found, err);
        if (!prepared.ready()) {
            err.println(
                    damagedToo
                            ? "Nothing was restored: there is no shop in that file."
                            : "Nothing was restored. To restore what can be read anyway, add --damaged-too.");
            return 1;
        }
        out.printf(
                "%,d lines and %,d files are ready in %s. They take their place when Ruvant next starts on that folder; what is there"
                        + " now is kept in the folder “before”.%n",
                found.lines(), found.files(), data);
        return 0;
    }

    private static int check(Path data, PrintStream out, PrintStream err) throws IOException {
        ShopCheck found = ShopCheck.of(data.toAbsolutePath());
        if (found.problems().isEmpty()) {
            out.printf("All is well: %,d lines and %,d files were read.%n", found.lines(), found.files());
        }
        return said(found, err);
    }

    private static int said(ShopCheck found, PrintStream err) {
        found.problems().forEach(err::println);
        return found.problems().isEmpty() ? 0 : 1;
    }
}
