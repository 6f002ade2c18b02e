package ruvant.core.wish;

import static ruvant.core.job.JobEffect.Plain.AT_NO_STOP;
import static ruvant.core.job.JobEffect.Plain.IN_PASSING;
import static ruvant.core.units.Phrase.with;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** What is wanted of the plan of a job, and what was promised. */
public final class WishRoom implements JobRoom<WishEntry> {
    @Override
    public Class<WishEntry> entries() {
        return WishEntry.class;
    }

    @Override
    public RoomFold<WishEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(WishEntry entry, Standing now) {
        return switch (entry) {
            case WishEntry.TaskWished one -> Optional.empty();
            case WishEntry.Promised one -> Optional.empty();
            case WishEntry.UrgencySet one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(WishEntry entry) {
        return switch (entry) {
            case WishEntry.TaskWished one -> List.of(AT_NO_STOP, IN_PASSING);
            case WishEntry.Promised one -> List.of(AT_NO_STOP, IN_PASSING);
            case WishEntry.UrgencySet one -> List.of(AT_NO_STOP, IN_PASSING);
        };
    }

    @Override
    public List<String> replaces(WishEntry entry) {
        return switch (entry) {
            case WishEntry.TaskWished one -> List.of("plan of " + one.task());
            case WishEntry.Promised one -> List.of("promised date");
            case WishEntry.UrgencySet one -> List.of("urgency");
        };
    }

    @Override
    public String words(WishEntry entry, Names names) {
        return switch (entry) {
            case WishEntry.TaskWished one -> "plan for " + one.task() + ": " + words(one.wish());
            case WishEntry.Promised one ->
                "promised for " + one.by()
                        + (one.chance() == null ? "" : ", with a chance of " + one.chance() + " %")
                        + with(", ", one.remark());
            case WishEntry.UrgencySet one -> "urgency: " + one.urgency().label();
        };
    }

    private static String words(Wish wish) {
        List<String> wants = new ArrayList<>();
        if (wish.aside()) {
            wants.add("set aside");
        }
        if (wish.first()) {
            wants.add("first");
        }
        if (wish.minutes() != null) {
            wants.add(wish.minutes() + " min");
        }
        if (!wish.person().isEmpty()) {
            wants.add("by " + wish.person());
        }
        if (!wish.skill().isEmpty()) {
            wants.add("needs " + wish.skill());
        }
        if (!wish.rests().isEmpty()) {
            wants.add(wish.rests().equals(Wish.NO_REST) ? "no wait after it" : "followed by a wait");
        }
        if (wish.at() != null) {
            wants.add("at a fixed time");
        }
        if (wish.notBefore() != null) {
            wants.add("not before a set time");
        }
        if (wish.mornings()) {
            wants.add("mornings only");
        }
        return wants.isEmpty() ? "as it comes" : String.join(", ", wants);
    }

    /** Folds wishes: the last for each task holds. */
    public static final class Fold implements RoomFold<WishEntry> {
        private final Map<String, Wish> byTask = new LinkedHashMap<>();
        private final List<Wishes.Promise> promises = new ArrayList<>();
        private Urgency urgency = Urgency.USUAL;

        @Override
        public Optional<Refusal> objection(Line line, WishEntry entry) {
            return switch (entry) {
                case WishEntry.TaskWished one -> Optional.empty();
                case WishEntry.Promised one -> alreadyPast(line, one);
                case WishEntry.UrgencySet one -> Optional.empty();
            };
        }

        /** The line's own day may be another one in the shop's zone, by one. */
        private static Optional<Refusal> alreadyPast(Line line, WishEntry.Promised promised) {
            LocalDate earliest = line.at().atZone(ZoneOffset.UTC).toLocalDate().minusDays(1);
            return promised.by().isBefore(earliest)
                    ? Optional.of(new Refusal(
                            "promisedInThePast", promised.by() + " is over.", "Promise a day that is still to come."))
                    : Optional.empty();
        }

        @Override
        public void take(Line line, WishEntry entry) {
            switch (entry) {
                case WishEntry.TaskWished one -> {
                    if (one.wish().nothing()) {
                        byTask.remove(one.task());
                    } else {
                        byTask.put(one.task(), one.wish());
                    }
                }
                case WishEntry.Promised one -> promises.add(new Wishes.Promise(line.id(), line.at(), line.by(), one));
                case WishEntry.UrgencySet one -> urgency = one.urgency();
            }
        }

        /** The picture so far. */
        public Wishes wishes() {
            return new Wishes(Map.copyOf(byTask), List.copyOf(promises), urgency);
        }
    }
}
