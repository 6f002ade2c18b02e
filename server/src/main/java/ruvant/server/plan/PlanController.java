package ruvant.server.plan;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.plan.Effort;
import ruvant.core.plan.PlanCase;
import ruvant.core.plan.Solver;
import ruvant.core.units.FieldProblem;
import ruvant.server.access.Needs;

/** The bench plan without a shop: a case in, a plan out. */
@RestController
@Needs(Right.LOOK)
class PlanController {
    private static final double LONGEST = 60;

    @Operation(
            summary = "Plan a bench: who does what when, with waits, windows, stations and promised dates",
            description =
                    "Improves the plan for so many seconds, 0 to 60. The answer is CSV: task, start, end, technician; no technician for a wait.")
    @PostMapping(path = "/api/plan/solve", consumes = MediaType.APPLICATION_JSON_VALUE, produces = "text/csv")
    String solve(
            @RequestBody PlanFile file,
            @RequestParam(defaultValue = "1") double seconds,
            @RequestParam(defaultValue = "1") long seed) {
        if (!(seconds >= 0 && seconds <= LONGEST)) {
            throw new FieldProblem("seconds", seconds + " s is outside 0 to 60 s.", "Choose a time in that range.");
        }
        PlanCase of = file.asCase();
        Effort effort = Effort.seconds(seconds, () -> true);
        Solver solver = new Solver(of, seed);
        solver.improve(effort);
        return PlanFile.csv(of, solver.plan());
    }
}
