package ruvant.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A case as numbers, made once. Tasks that must follow one another within a latest time are one block, with whatever lies between
 * them: they are placed together or not at all.
 */
final class Problem {
    /** No minute. */
    static final int NEVER = Integer.MAX_VALUE / 4;

    static final int NOBODY = -1;

    final PlanCase of;
    final List<PlanCase.Task> tasks = new ArrayList<>();
    final int[] job;
    final int[] minutes;
    final boolean[] attended;
    final int[][] able;
    final int[] station;
    final boolean[] startOpen;
    final int[] earliest;
    final int[][] before;
    final int[][] lag;
    final int[] fixedStart;
    final int[] fixedEnd;
    final int[] fixedHand;
    final int[] latest;
    final int[] wasStart;
    final int[] wasHand;
    final int[][] blocks;
    final int[][] blocksBefore;
    final int[][] blocksAfter;
    final int[] blockJob;
    final int[] blockOf;
    final int[][] jobBlocks;
    final int[][] jobTasks;
    final int[] tail;

    Problem(PlanCase of) {
        this.of = of;
        Map<String, Integer> number = new HashMap<>();
        List<Integer> jobs = new ArrayList<>();
        for (int at = 0; at < of.jobs().size(); at++) {
            for (PlanCase.Task task : of.jobs().get(at).tasks()) {
                number.put(task.id(), tasks.size());
                tasks.add(task);
                jobs.add(at);
            }
        }
        int count = tasks.size();
        job = jobs.stream().mapToInt(Integer::intValue).toArray();
        minutes = tasks.stream().mapToInt(PlanCase.Task::minutes).toArray();
        attended = new boolean[count];
        able = new int[count][];
        station = new int[count];
        startOpen = new boolean[count];
        earliest = new int[count];
        before = new int[count][];
        lag = new int[count][];
        fixedStart = filled(count);
        fixedEnd = filled(count);
        fixedHand = filled(count);
        latest = new int[count];
        Arrays.fill(latest, NEVER);
        wasStart = filled(count);
        wasHand = filled(count);
        Map<String, Integer> stations = new HashMap<>();
        of.stations().forEach(one -> stations.put(one.id(), stations.size()));
        Map<String, Integer> hands = new HashMap<>();
        of.hands().forEach(one -> hands.put(one.id(), hands.size()));
        for (int at = 0; at < count; at++) {
            PlanCase.Task task = tasks.get(at);
            attended[at] = task.attended();
            able[at] = task.attended() ? able(task) : new int[0];
            station[at] = stations.getOrDefault(task.station(), NOBODY);
            startOpen[at] = task.startOpen();
            earliest[at] = Math.max(Math.max(of.now(), of.jobs().get(job[at]).release()), task.notBefore());
            before[at] = task.after().stream()
                    .mapToInt(one -> number.get(one.task()))
                    .toArray();
            lag[at] = task.after().stream()
                    .mapToInt(one -> one.maxLag() == null ? NEVER : one.maxLag())
                    .toArray();
            PlanCase.Placed fixed = of.fixed().get(task.id());
            if (fixed != null) {
                fixedStart[at] = fixed.start();
                fixedEnd[at] = fixed.end();
                fixedHand[at] = fixed.hand().map(hands::get).orElse(NOBODY);
            }
            PlanCase.Placed was = of.previous().get(task.id());
            boolean soon = was != null
                    && was.start() >= of.now()
                    && was.start() < of.now() + of.stability().window();
            if (soon && fixed == null) {
                wasStart[at] = was.start();
                wasHand[at] =
                        was.hand().map(one -> hands.getOrDefault(one, NOBODY)).orElse(NOBODY);
            }
        }
        for (int task = 0; task < count; task++) {
            if (tasks.get(task).notAfter() != null) {
                latest[task] = tasks.get(task).notAfter();
            }
            for (int at = 0; at < before[task].length; at++) {
                // what waits for something that runs already is as late as that allows
                if (lag[task][at] < NEVER && fixedStart[before[task][at]] != NOBODY) {
                    latest[task] = Math.min(latest[task], fixedEnd[before[task][at]] + lag[task][at]);
                }
            }
        }
        blockOf = new int[count];
        blocks = blocks(blockOf);
        blockJob = Arrays.stream(blocks).mapToInt(one -> job[one[0]]).toArray();
        jobTasks = new int[of.jobs().size()][];
        for (int one = 0; one < jobTasks.length; one++) {
            int its = one;
            jobTasks[one] =
                    IntStream.range(0, count).filter(task -> job[task] == its).toArray();
        }
        blocksBefore = new int[blocks.length][];
        for (int block = 0; block < blocks.length; block++) {
            int own = block;
            blocksBefore[block] = Arrays.stream(blocks[block])
                    .flatMap(task -> Arrays.stream(before[task]))
                    .filter(task -> fixedStart[task] == NOBODY)
                    .map(task -> blockOf[task])
                    .filter(other -> other != own)
                    .distinct()
                    .toArray();
        }
        jobBlocks = new int[of.jobs().size()][];
        for (int one = 0; one < jobBlocks.length; one++) {
            jobBlocks[one] = inOrder(one);
        }
        blocksAfter = new int[blocks.length][];
        for (int block = 0; block < blocks.length; block++) {
            int its = block;
            blocksAfter[block] = IntStream.range(0, blocks.length)
                    .filter(other -> Arrays.stream(blocksBefore[other]).anyMatch(one -> one == its))
                    .toArray();
        }
        tail = new int[count];
        // every task stands after those that it waits for, so one pass from the end is enough
        for (int task = count - 1; task >= 0; task--) {
            tail[task] = Math.max(tail[task], minutes[task]);
            for (int other : before[task]) {
                tail[other] = Math.max(tail[other], minutes[other] + tail[task]);
            }
        }
    }

    /** Whether only the last end counts. */
    boolean byLastEnd() {
        return of.objective() == PlanCase.Objective.MAKESPAN;
    }

    /** The blocks of a job, each after those that it waits for. */
    private int[] inOrder(int its) {
        int[] all = IntStream.range(0, blocks.length)
                .filter(block -> blockJob[block] == its)
                .toArray();
        int[] sorted = new int[all.length];
        boolean[] laid = new boolean[blocks.length];
        for (int count = 0; count < sorted.length; count++) {
            for (int block : all) {
                if (!laid[block] && Arrays.stream(blocksBefore[block]).allMatch(other -> laid[other])) {
                    sorted[count] = block;
                    laid[block] = true;
                    break;
                }
            }
        }
        return sorted;
    }

    private static int[] filled(int count) {
        int[] all = new int[count];
        Arrays.fill(all, NOBODY);
        return all;
    }

    /** Who can do it, those with the fewest other skills first: who can do everything is kept for what nobody else can. */
    private int[] able(PlanCase.Task task) {
        return IntStream.range(0, of.hands().size())
                .filter(hand -> of.hands().get(hand).skills().contains(task.skill()))
                .boxed()
                .sorted(Comparator.comparingInt(
                        hand -> of.hands().get(hand).skills().size()))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    /** Tasks that are not fixed, joined where a latest time holds them together; each block in the order of its tasks. */
    private int[][] blocks(int[] blockOf) {
        int count = tasks.size();
        int[] root = IntStream.range(0, count).toArray();
        for (int task = 0; task < count; task++) {
            for (int at = 0; at < before[task].length; at++) {
                int other = before[task][at];
                if (lag[task][at] < NEVER && fixedStart[task] == NOBODY && fixedStart[other] == NOBODY) {
                    join(root, task, other);
                    for (int between = other + 1; between < task; between++) {
                        if (fixedStart[between] == NOBODY && follows(between, other) && follows(task, between)) {
                            join(root, between, task);
                        }
                    }
                }
            }
        }
        Map<Integer, List<Integer>> groups = new java.util.LinkedHashMap<>();
        for (int task = 0; task < count; task++) {
            if (fixedStart[task] == NOBODY) {
                groups.computeIfAbsent(find(root, task), one -> new ArrayList<>())
                        .add(task);
            }
        }
        int[][] all = new int[groups.size()][];
        int at = 0;
        for (List<Integer> group : groups.values()) {
            all[at] = group.stream().mapToInt(Integer::intValue).toArray();
            for (int task : all[at]) {
                blockOf[task] = at;
            }
            at++;
        }
        return all;
    }

    private boolean follows(int task, int other) {
        for (int one : before[task]) {
            if (one == other || one > other && follows(one, other)) {
                return true;
            }
        }
        return false;
    }

    private static int find(int[] root, int task) {
        int at = task;
        while (root[at] != at) {
            root[at] = root[root[at]];
            at = root[at];
        }
        return at;
    }

    private static void join(int[] root, int one, int other) {
        root[find(root, one)] = find(root, other);
    }
}
