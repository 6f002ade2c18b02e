package ruvant.core.treat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.house.HousePractice;
import ruvant.core.house.Station;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

/**
 * What lies in the stations of the shop. A wait holds its place until somebody takes it out and says so, not only until its
 * time is up: a bath does not empty itself.
 */
public final class Stations {
    private Stations() {}

    /** What lies in the stations of the whole shop at the moment in which a wait is judged. */
    @FunctionalInterface
    public interface InUse {
        /** Every wait of the shop that nobody ended yet. */
        List<Held> held();
    }

    /** A wait of some job that holds a station. */
    public record Held(TagNumber tag, TreatPicture.Wait running) {}

    /**
     * A station as it stands.
     *
     * @param freeAt when a place comes free; empty where one is free now
     */
    public record Use(Station station, List<Held> held, Optional<Instant> freeAt) {}

    /** How a station stands, by all waits of the shop that were not ended. */
    public static Use use(Station station, List<Held> waits, Instant now) {
        List<Held> here = waits.stream()
                .filter(one -> one.running().station().equalsIgnoreCase(station.name())
                        && one.running().endedAt().isEmpty())
                .sorted(java.util.Comparator.comparing(one -> one.running().endsAt()))
                .toList();
        int tooMany = here.size() - station.capacity();
        Optional<Instant> free = tooMany < 0
                ? Optional.empty()
                : Optional.of(here.get(tooMany).running().endsAt()).map(ends -> ends.isBefore(now) ? now : ends);
        return new Use(station, here, free);
    }

    /** What lies somewhere hot at this moment, in words: nothing flammable beside it. */
    public static List<String> hot(HousePractice practice, List<Held> waits, Instant now) {
        return waits.stream()
                .filter(one -> one.running().runs(now))
                .filter(one -> practice.station(one.running().station())
                        .filter(Station::hot)
                        .isPresent())
                .map(one -> one.running().what() + " of " + one.tag())
                .toList();
    }

    /** Why a wait cannot begin where it is to lie; empty where it can. */
    public static Optional<Refusal> objection(
            TreatEntry.WaitStarted wait, HousePractice practice, List<Held> waits, Instant now) {
        if (wait.station().isEmpty()) {
            return Optional.empty();
        }
        Optional<Station> station = practice.station(wait.station());
        if (station.isEmpty()) {
            return Optional.of(new Refusal(
                    "stationUnknown",
                    "There is no station “" + wait.station() + "” here.",
                    "Choose one of: "
                            + practice.stations().stream().map(Station::name).collect(Collectors.joining(", "))
                            + ", or add it in Settings."));
        }
        Use use = use(station.get(), waits, now);
        return use.freeAt().map(free -> new Refusal("stationFull", full(use, now), remedy(use, free, now)));
    }

    private static String full(Use use, Instant now) {
        return "The " + use.station().name() + " is full: "
                + use.held().stream()
                        .map(one -> one.running().what() + " of " + one.tag()
                                + (one.running().over(now) ? ", over" : ""))
                        .collect(Collectors.joining("; "))
                + ".";
    }

    private static String remedy(Use use, Instant free, Instant now) {
        return free.isAfter(now)
                ? "A place is free in " + minutes(now, free) + "."
                : "Take out what has finished and log it: "
                        + use.held().getFirst().running().what() + " of "
                        + use.held().getFirst().tag() + ".";
    }

    private static String minutes(Instant now, Instant free) {
        long minutes = Math.max(
                1, java.time.Duration.between(now, free).plusSeconds(59).toMinutes());
        return minutes < 60 ? minutes + " min" : minutes / 60 + " h " + minutes % 60 + " min";
    }
}
