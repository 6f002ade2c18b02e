package ruvant.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.units.MayBeNull;

/**
 * What is to be planned: hands, stations, and jobs of attended tasks and waits. Time is in whole minutes from an origin;
 * intervals hold their start and not their end.
 *
 * @param now nothing that is not fixed starts before it
 * @param horizon every task ends by it
 * @param hands who works
 * @param stations where parts lie meanwhile
 * @param open when somebody is usually there, to put a part in
 * @param jobs in any order
 * @param fixed tasks that have started, or stay as they are
 * @param previous the plan before, for tasks that are not fixed
 * @param stability what a change of that plan costs
 * @param objective what is to be small
 */
public record PlanCase(
        int now,
        int horizon,
        List<Hand> hands,
        List<Station> stations,
        List<Span> open,
        List<Job> jobs,
        Map<String, Placed> fixed,
        Map<String, Placed> previous,
        Stability stability,
        Objective objective) {
    public PlanCase {
        hands = List.copyOf(hands);
        stations = List.copyOf(stations);
        open = List.copyOf(open);
        jobs = List.copyOf(jobs);
        fixed = Map.copyOf(fixed);
        previous = Map.copyOf(previous);
    }

    /** The same with other jobs. */
    public PlanCase with(List<Job> others) {
        return new PlanCase(now, horizon, hands, stations, open, others, fixed, previous, stability, objective);
    }

    /** The same as if nothing had been planned before. */
    public PlanCase withoutPrevious() {
        return new PlanCase(now, horizon, hands, stations, open, jobs, fixed, Map.of(), stability, objective);
    }

    /** From a minute up to another, which is no longer in it. */
    public record Span(int start, int end) {}

    /** What is to be small. */
    public enum Objective {
        /** Lateness by weight with the cost of changes, then the time that jobs are here. */
        LATENESS,
        /** The end of the last task. */
        MAKESPAN
    }

    /**
     * Somebody who works.
     *
     * @param windows when, in order, without overlap; an attended task lies wholly within one
     */
    public record Hand(String id, Set<String> skills, List<Span> windows) {
        public Hand {
            skills = Set.copyOf(skills);
            windows = List.copyOf(windows);
        }
    }

    /** A place that holds so many at once. */
    public record Station(String id, int capacity) {}

    /**
     * One camera.
     *
     * @param release no task starts before
     * @param due when it was promised
     * @param weight of a minute of lateness
     * @param tasks each after those it waits for
     */
    public record Job(String id, int release, int due, int weight, List<Task> tasks) {
        public Job {
            tasks = List.copyOf(tasks);
        }
    }

    /**
     * A task, or a wait.
     *
     * @param attended whether somebody does it; else it runs by itself on the wall clock
     * @param minutes how long, at least 1
     * @param skill that its hand must have; empty for a wait
     * @param station where it is done or lies; empty for none
     * @param startOpen for a wait: whether somebody must be there at its start
     * @param notBefore earliest start
     * @param notAfter latest start; null for any. Nothing is refused for it, but missing it is worse than any lateness
     */
    public record Task(
            String id,
            String name,
            boolean attended,
            int minutes,
            String skill,
            String station,
            boolean startOpen,
            int notBefore,
            @MayBeNull Integer notAfter,
            List<After> after) {
        /** One that may start late. */
        public Task(
                String id,
                String name,
                boolean attended,
                int minutes,
                String skill,
                String station,
                boolean startOpen,
                int notBefore,
                List<After> after) {
            this(id, name, attended, minutes, skill, station, startOpen, notBefore, null, after);
        }

        public Task {
            after = List.copyOf(after);
        }
    }

    /**
     * A task that must have ended.
     *
     * @param maxLag after its end at most so many minutes may go by; null for any
     */
    public record After(String task, @MayBeNull Integer maxLag) {}

    /** When a task is done and by whom; nobody for a wait. */
    public record Placed(int start, int end, Optional<String> hand) {}

    /**
     * What changes cost.
     *
     * @param window a task that was to start within so many minutes from now counts as changed where its start or hand is another
     * @param penalty in minutes of weighted lateness
     */
    public record Stability(int window, int penalty) {}
}
