package ruvant.core.plan.board;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import ruvant.core.units.TagNumber;

/**
 * Why the plan says what it says. A kind with what belongs to it; screens put it into words.
 *
 * @param at a moment, as the kind says
 * @param until another moment, as the kind says
 * @param what something by its name, as the kind says; empty for nothing
 * @param tag another camera; empty for none
 * @param person somebody; empty for nobody
 * @param day a promised day
 */
public record Reason(
        Kind kind,
        Optional<Instant> at,
        Optional<Instant> until,
        String what,
        Optional<TagNumber> tag,
        Optional<String> person,
        Optional<LocalDate> day) {
    /** What there is to say. */
    public enum Kind {
        /** Somebody is at it. */
        RUNNING,
        /** Somebody pinned it to this time: at. */
        PINNED,
        /** Somebody said that it comes first. */
        FIRST,
        /** It must be started by then: at; after a wait: what. */
        WINDOW,
        /** The camera is late for its day: done at; day. */
        LATE,
        /** Little is left between the end of the camera and its day: done at; day. */
        LITTLE_TIME,
        /** It starts something that runs by the clock: what, from at until until. */
        STARTS_REST,
        /** The same, and that is over before somebody works again: until is when somebody does. */
        RESTS_OVER_CLOSING,
        /** Its camera has a day, and is done in time: done at; day. */
        PROMISED,
        /** Nothing that was promised presses more. */
        NOTHING_PRESSES,
        /** It comes after other work on the same camera: what, until until. */
        AFTER_WORK,
        /** It comes after a wait of the same camera: what, until until. */
        AFTER_WAIT,
        /** It comes after something from outside that a supplier named a day for: what, at. */
        AFTER_PARCEL,
        /** It comes after something from outside, and that day is a guess: what, at. */
        AFTER_GUESS,
        /** Its station is full: what, until until. */
        STATION_FULL,
        /** Who can do it does something else first: what at tag, by person, until until. */
        HANDS_BUSY,
        /** Nobody who can do it works before: at. */
        NOBODY_WORKS,
        /** Somebody said not before: at. */
        NOT_BEFORE,
        /** Only before noon. */
        MORNINGS
    }

    static Reason of(Kind kind) {
        return new Reason(
                kind, Optional.empty(), Optional.empty(), "", Optional.empty(), Optional.empty(), Optional.empty());
    }

    Reason at(Instant moment) {
        return new Reason(kind, Optional.of(moment), until, what, tag, person, day);
    }

    Reason until(Instant moment) {
        return new Reason(kind, at, Optional.of(moment), what, tag, person, day);
    }

    Reason what(String name) {
        return new Reason(kind, at, until, name, tag, person, day);
    }

    Reason with(Planned other) {
        return new Reason(
                kind,
                at,
                Optional.of(other.end()),
                other.task().words(),
                Optional.of(other.tag()),
                other.person(),
                day);
    }

    Reason promised(LocalDate promise, Instant done) {
        return new Reason(kind, Optional.of(done), until, what, tag, person, Optional.of(promise));
    }
}
