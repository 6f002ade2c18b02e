package ruvant.server.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;

/** Measures judgements on simulated cameras, into the page about them. */
public final class JudgementBenchmark {
    private JudgementBenchmark() {}

    public static void main(String[] arguments) throws IOException {
        Locale.setDefault(Locale.ROOT);
        int cameras = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 1_000;
        MeasuredPage page = new MeasuredPage(Path.of(arguments[0]));
        page.say("Made by `./ruvant bench judgement`.");
        page.say("");
        FindTables.into(page::say, Math.max(1, cameras / 2));
        FindTables.unseen(page::say, Math.max(1, cameras / 4), Math.max(1, cameras / 25));
        UnseenTables.turned(page::say, cameras);
        AdjustTables.into(page::say, cameras);
        AdjustMoreTables.into(page::say, cameras);
        UnseenTables.spoken(page::say, Math.max(1, cameras / 25));
        SignatureTables.into(page::say, 22 * Math.max(1, cameras / 44));
        page.write();
    }
}
