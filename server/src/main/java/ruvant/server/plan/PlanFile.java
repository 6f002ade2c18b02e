package ruvant.server.plan;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.InputStream;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import ruvant.core.plan.CaseCheck;
import ruvant.core.plan.PlanCase;
import ruvant.core.plan.Timetable;
import ruvant.core.units.FieldProblem;
import ruvant.server.csv.CsvRows;
import ruvant.server.formats.PartsMayBeMissing;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/**
 * A case of the bench plan as a file: technicians, stations, jobs of attended tasks and waits, times in whole minutes. Lists that are
 * left out are empty.
 */
@JsonIgnoreProperties(ignoreUnknown = true)
@JsonInclude(JsonInclude.Include.NON_NULL)
@PartsMayBeMissing
record PlanFile(
        int now,
        int horizon,
        List<PlannedHand> technicians,
        List<PlannedStation> stations,
        List<List<Integer>> open,
        List<PlannedJob> jobs,
        List<PlannedAt> fixed,
        List<PlannedAt> previous,
        PlannedStability stability,
        String objective) {
    private static final PlanCase.Stability USUAL = new PlanCase.Stability(120, 60);
    private static final int MOST_TASKS = 20_000;

    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedHand(String id, Set<String> skills, List<List<Integer>> windows) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedStation(String id, Integer capacity) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedJob(String id, Integer release, Integer due, Integer weight, List<PlannedTask> tasks) {}

    /** @param kind ATTENDED or DWELL */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedTask(
            String id,
            String name,
            String kind,
            Integer duration,
            String skill,
            String station,
            boolean startOpen,
            Integer notBefore,
            List<PlannedAfter> after) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedAfter(String task, Integer maxLag) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedAt(String task, Integer start, Integer end, String technician) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    record PlannedStability(Integer window, Integer penalty) {}

    static PlanFile read(ObjectMapper json, InputStream file) {
        try {
            return json.readValue(file, PlanFile.class);
        } catch (JacksonException problem) {
            String first = problem.getMessage().lines().findFirst().orElse("");
            throw new FieldProblem(
                    "file", "This is no plan file: " + first, "Check that it is JSON with the fields of the format.");
        }
    }

    /** @throws FieldProblem where something in it can never be done */
    PlanCase asCase() {
        List<PlannedJob> all = orEmpty(jobs);
        if (all.stream().mapToInt(job -> orEmpty(job.tasks).size()).sum() > MOST_TASKS) {
            throw new FieldProblem("jobs", "There are more than " + MOST_TASKS + " tasks.", "Plan fewer jobs at once.");
        }
        List<PlanCase.Job> planned = all.stream().map(PlanFile::job).toList();
        Map<String, PlanCase.Task> tasks = planned.stream()
                .flatMap(job -> job.tasks().stream())
                .collect(Collectors.toMap(PlanCase.Task::id, Function.identity(), (one, other) -> one));
        return CaseCheck.sound(new PlanCase(
                now,
                horizon,
                orEmpty(technicians).stream()
                        .map(one -> new PlanCase.Hand(
                                needed(one.id, "technicians.id"),
                                one.skills == null ? Set.of() : one.skills,
                                spans(one.windows)))
                        .toList(),
                orEmpty(stations).stream()
                        .map(one -> new PlanCase.Station(needed(one.id, "stations.id"), orElse(one.capacity, 1)))
                        .toList(),
                spans(open),
                planned,
                placed(fixed, tasks, "fixed"),
                placed(previous, tasks, "previous"),
                stability == null
                        ? USUAL
                        : new PlanCase.Stability(
                                orElse(stability.window, USUAL.window()), orElse(stability.penalty, USUAL.penalty())),
                "MAKESPAN".equals(objective) ? PlanCase.Objective.MAKESPAN : PlanCase.Objective.LATENESS));
    }

    private static Map<String, PlanCase.Placed> placed(
            List<PlannedAt> of, Map<String, PlanCase.Task> tasks, String field) {
        return orEmpty(of).stream()
                .filter(one -> tasks.containsKey(one.task))
                .collect(Collectors.toMap(
                        PlannedAt::task,
                        one -> {
                            int start = number(one.start, field + ".start");
                            int end =
                                    orElse(one.end, start + tasks.get(one.task).minutes());
                            return new PlanCase.Placed(start, end, Optional.ofNullable(one.technician));
                        },
                        (one, other) -> other));
    }

    private static PlanCase.Job job(PlannedJob of) {
        String id = needed(of.id, "jobs.id");
        return new PlanCase.Job(
                id,
                orElse(of.release, 0),
                number(of.due, id + ".due"),
                orElse(of.weight, 1),
                orEmpty(of.tasks).stream().map(PlanFile::task).toList());
    }

    private static PlanCase.Task task(PlannedTask of) {
        String id = needed(of.id, "tasks.id");
        boolean attended = "ATTENDED".equals(of.kind);
        if (!attended && !"DWELL".equals(of.kind)) {
            throw new FieldProblem(
                    id + ".kind", "The kind of " + id + " is “" + of.kind + "”.", "Write ATTENDED or DWELL.");
        }
        return new PlanCase.Task(
                id,
                of.name == null ? "" : of.name,
                attended,
                number(of.duration, id + ".duration"),
                attended ? needed(of.skill, id + ".skill") : "",
                of.station == null ? "" : of.station,
                of.startOpen,
                orElse(of.notBefore, 0),
                orEmpty(of.after).stream()
                        .map(one -> new PlanCase.After(needed(one.task, id + ".after"), one.maxLag))
                        .toList());
    }

    private static List<PlanCase.Span> spans(List<List<Integer>> of) {
        return orEmpty(of).stream()
                .map(one -> {
                    if (one == null || one.size() != 2 || one.get(0) == null || one.get(1) == null) {
                        throw new FieldProblem(
                                "windows",
                                "A window needs a start and an end.",
                                "Write it as [start, end] in minutes.");
                    }
                    return new PlanCase.Span(one.get(0), one.get(1));
                })
                .sorted(Comparator.comparingInt(PlanCase.Span::start))
                .toList();
    }

    private static <T> List<T> orEmpty(List<T> list) {
        if (list == null) {
            return List.of();
        }
        if (list.contains(null)) {
            throw new FieldProblem("file", "One of the lists has an empty entry.", "Take “null” out of it.");
        }
        return list;
    }

    private static int orElse(Integer value, int other) {
        return value == null ? other : value;
    }

    private static int number(Integer value, String field) {
        if (value == null) {
            throw new FieldProblem(field, "“" + field + "” is missing.", "Give it in whole minutes.");
        }
        return value;
    }

    private static String needed(String value, String field) {
        if (value == null || value.isBlank()) {
            throw new FieldProblem(field, "“" + field + "” is missing.", "Every one needs it.");
        }
        return value;
    }

    /**
     * A plan as CSV, by job and task.
     *
     * @throws FieldProblem where it is not complete, naming what finds no time
     */
    static String csv(PlanCase of, Timetable plan) {
        List<String> without = of.jobs().stream()
                .flatMap(job -> job.tasks().stream())
                .map(PlanCase.Task::id)
                .filter(task -> plan.placed().get(task).end() > of.horizon())
                .toList();
        if (!without.isEmpty()) {
            throw new FieldProblem(
                    "horizon",
                    without.size() == 1
                            ? without.get(0) + " finds no time before the horizon."
                            : without.get(0) + " and " + (without.size() - 1)
                                    + " more tasks find no time before the horizon.",
                    "Move the horizon, or plan fewer jobs at once.");
        }
        return CsvRows.written(
                List.of("task", "start", "end", "technician"),
                of.jobs().stream().flatMap(job -> job.tasks().stream()).toList(),
                task -> {
                    PlanCase.Placed its = plan.placed().get(task.id());
                    return List.of(task.id(), its.start(), its.end(), its.hand().orElse(""));
                });
    }
}
