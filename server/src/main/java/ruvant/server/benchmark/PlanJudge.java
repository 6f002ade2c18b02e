package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * Whether a plan keeps every rule of its file, and what it is worth, worked out from the file and the CSV alone: nothing here is
 * shared with what makes plans.
 */
final class PlanJudge {
    private static final int WINDOW = 120;
    private static final int PENALTY = 60;

    /** @param hand empty for a wait */
    private record Row(int start, int end, String hand) {}

    /**
     * What came of it.
     *
     * @param broken each rule that is broken, in words
     * @param lateness weighted minutes, without the cost of moves
     */
    record Verdict(List<String> broken, long lateness, int moves, int penalty, int late, int lastEnd) {
        long cost() {
            return lateness + (long) moves * penalty;
        }
    }

    private final JsonNode file;
    private final Map<String, Row> rows = new HashMap<>();
    private final List<String> broken = new ArrayList<>();
    private final Map<String, List<Row>> byHand = new HashMap<>();
    private final Map<String, List<Row>> byStation = new HashMap<>();
    private final Map<String, JsonNode> fixed = new HashMap<>();

    private PlanJudge(JsonNode file, String csv) {
        this.file = file;
        csv.lines()
                .skip(1)
                .map(line -> line.split(",", -1))
                .forEach(cells ->
                        rows.put(cells[0], new Row(Integer.parseInt(cells[1]), Integer.parseInt(cells[2]), cells[3])));
        file.path("fixed").forEach(one -> fixed.put(one.path("task").asText(), one));
    }

    static Verdict of(JsonNode file, String csv) {
        return new PlanJudge(file, csv).verdict();
    }

    private Verdict verdict() {
        long lateness = 0;
        int late = 0;
        for (JsonNode job : file.path("jobs")) {
            int done = 0;
            for (JsonNode task : job.path("tasks")) {
                Row row = rows.get(task.path("id").asText());
                if (row == null) {
                    broken.add(task.path("id").asText() + " is missing");
                    continue;
                }
                done = Math.max(done, row.end);
                lay(job, task, row);
            }
            int over = Math.max(0, done - job.path("due").asInt());
            lateness += over * job.path("weight").asLong(1);
            late += over > 0 ? 1 : 0;
        }
        byHand.forEach((hand, its) -> {
            if (most(its) > 1) {
                broken.add(hand + " does two things at once");
            }
        });
        for (JsonNode station : file.path("stations")) {
            String id = station.path("id").asText();
            if (most(byStation.getOrDefault(id, List.of()))
                    > station.path("capacity").asInt()) {
                broken.add(id + " is too full");
            }
        }
        int lastEnd = rows.values().stream().mapToInt(Row::end).max().orElse(0);
        int penalty = file.path("stability").path("penalty").asInt(PENALTY);
        return new Verdict(broken, lateness, moves(), penalty, late, lastEnd);
    }

    private void lay(JsonNode job, JsonNode task, Row row) {
        String id = task.path("id").asText();
        if (!row.hand.isEmpty()) {
            byHand.computeIfAbsent(row.hand, one -> new ArrayList<>()).add(row);
        }
        if (task.hasNonNull("station")) {
            byStation
                    .computeIfAbsent(task.path("station").asText(), one -> new ArrayList<>())
                    .add(row);
        }
        JsonNode stays = fixed.get(id);
        if (stays != null) {
            require(
                    row.start == stays.path("start").asInt()
                            && row.end == stays.path("end").asInt()
                            && row.hand.equals(stays.path("technician").asText("")),
                    id + " was fixed and is not where it was");
            return;
        }
        require(row.end - row.start == task.path("duration").asInt(), id + " has another length");
        int first = Math.max(
                file.path("now").asInt(),
                Math.max(job.path("release").asInt(), task.path("notBefore").asInt()));
        require(row.start >= first, id + " starts too early");
        require(row.end <= file.path("horizon").asInt(), id + " ends after the horizon");
        for (JsonNode after : task.path("after")) {
            Row before = rows.get(after.path("task").asText());
            int gap = before == null ? -1 : row.start - before.end;
            require(gap >= 0, id + " starts before " + after.path("task").asText() + " has ended");
            require(
                    !after.hasNonNull("maxLag") || gap <= after.path("maxLag").asInt(),
                    id + " starts too late after " + after.path("task").asText());
        }
        if (task.path("kind").asText().equals("DWELL")) {
            require(row.hand.isEmpty(), id + " is a wait and has a technician");
            require(
                    !task.path("startOpen").asBoolean() || within(file.path("open"), row.start, row.start),
                    id + " starts while nobody is there");
        } else {
            require(worked(task, row), id + " is outside the working times of its technician, or lacks the skill");
        }
    }

    private boolean worked(JsonNode task, Row row) {
        for (JsonNode technician : file.path("technicians")) {
            if (technician.path("id").asText().equals(row.hand)) {
                boolean skilled = false;
                for (JsonNode skill : technician.path("skills")) {
                    skilled |= skill.asText().equals(task.path("skill").asText());
                }
                return skilled && within(technician.path("windows"), row.start, row.end);
            }
        }
        return false;
    }

    private static boolean within(JsonNode windows, int from, int to) {
        for (JsonNode window : windows) {
            if (window.get(0).asInt() <= from && to <= window.get(1).asInt()) {
                return true;
            }
        }
        return false;
    }

    private void require(boolean holds, String otherwise) {
        if (!holds) {
            broken.add(otherwise);
        }
    }

    /** The greatest number of rows at one moment. */
    private static int most(List<Row> its) {
        int[] starts = its.stream().mapToInt(Row::start).sorted().toArray();
        int[] ends = its.stream().mapToInt(Row::end).sorted().toArray();
        int ended = 0;
        int most = 0;
        for (int at = 0; at < starts.length; at++) {
            while (ends[ended] <= starts[at]) {
                ended++;
            }
            most = Math.max(most, at + 1 - ended);
        }
        return most;
    }

    private int moves() {
        int now = file.path("now").asInt();
        int until = now + file.path("stability").path("window").asInt(WINDOW);
        int moves = 0;
        for (JsonNode was : file.path("previous")) {
            int start = was.path("start").asInt();
            Row is = rows.get(was.path("task").asText());
            boolean counts = start >= now
                    && start < until
                    && is != null
                    && !fixed.containsKey(was.path("task").asText());
            if (counts
                    && (is.start != start
                            || !is.hand.equals(was.path("technician").asText("")))) {
                moves++;
            }
        }
        return moves;
    }

    /** How many tasks a file has. */
    static int tasks(JsonNode file) {
        int tasks = 0;
        for (JsonNode job : file.path("jobs")) {
            tasks += job.path("tasks").size();
        }
        return tasks;
    }
}
