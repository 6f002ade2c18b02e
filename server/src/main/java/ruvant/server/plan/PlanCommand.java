package ruvant.server.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import ruvant.core.plan.Effort;
import ruvant.core.plan.PlanCase;
import ruvant.core.plan.Solver;
import ruvant.core.units.FieldProblem;
import tools.jackson.databind.json.JsonMapper;

/** Plans one file from the command line and prints the plan as CSV. Nothing else is started. */
public final class PlanCommand {
    private static final String USAGE = "Usage: ruvant plan FILE [--seconds 5] [--seed 1]";

    private PlanCommand() {}

    public static void main(String[] arguments) throws IOException {
        System.exit(run(arguments, System.out, System.err));
    }

    /** @return 0 when planned, 1 when refused, 2 when called wrongly */
    public static int run(String[] arguments, PrintStream out, PrintStream err) throws IOException {
        String file = null;
        double seconds = 1;
        long seed = 1;
        try {
            for (int at = 0; at < arguments.length; at++) {
                switch (arguments[at]) {
                    case "--seconds" -> seconds = Double.parseDouble(arguments[++at]);
                    case "--seed" -> seed = Long.parseLong(arguments[++at]);
                    default -> {
                        if (file != null || arguments[at].startsWith("--")) {
                            err.println(USAGE);
                            return 2;
                        }
                        file = arguments[at];
                    }
                }
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException wrong) {
            file = null;
        }
        if (file == null || !(seconds >= 0)) {
            err.println(USAGE);
            return 2;
        }
        try (InputStream in = open(Path.of(file))) {
            PlanCase of = PlanFile.read(JsonMapper.builderWithJackson2Defaults().build(), in)
                    .asCase();
            Effort effort = Effort.seconds(seconds, () -> true);
            Solver solver = new Solver(of, seed);
            solver.improve(effort);
            out.print(PlanFile.csv(of, solver.plan()));
            return 0;
        } catch (FieldProblem refused) {
            err.println(refused.getMessage() + " " + refused.remedy());
            return 1;
        }
    }

    private static InputStream open(Path file) {
        try {
            return Files.newInputStream(file);
        } catch (IOException problem) {
            throw new FieldProblem("file", "The file " + file + " cannot be read.", "Check its path.");
        }
    }
}
