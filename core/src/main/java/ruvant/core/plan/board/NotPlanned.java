package ruvant.core.plan.board;

import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;

/** A task that has no place in the plan. */
public record NotPlanned(JobTasks job, BenchTask task, Why why) {
    /** Why it has none. */
    public sealed interface Why {
        /** It was set aside. */
        record Aside() implements Why {}

        /** It comes after something that has no place. */
        record AfterOther(BenchTask other) implements Why {}

        /** Nobody works here in the days that are planned. */
        record NobodyWorks() implements Why {}

        /** Nobody who works can do it. */
        record NobodyCan(String skill) implements Why {}

        /** Who is to do it does not work here. */
        record NotHere(String person) implements Why {}

        /** There is no such station. */
        record NoStation(String station) implements Why {}

        /** It would have to follow within a time in which nobody works, or finds no room in the days that are planned. */
        record NoRoom() implements Why {}
    }
}
