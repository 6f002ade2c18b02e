package ruvant.core.parts;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.house.Rates;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.SourceKind;

/** Puts one source together, term by term. */
final class SourceMaking {
    private final Sources.Asked asked;
    private final Rates rates;
    private final LocalDate today;
    private final String id;
    private final SourceKind kind;
    private final String words;
    private final String where;
    private final List<Term> terms = new ArrayList<>();
    private Optional<Thing> thing = Optional.empty();
    private String number = "";
    private String picture = "";
    private int pieces = 1;
    private CameraKind madeFor = CameraKind.ANY;
    private Sources.Fitting fitting;
    private double works;
    private int minutes;
    private int days;
    private boolean opens;
    private long openingMinor;
    private boolean kept;

    SourceMaking(
            Sources.Asked asked, Rates rates, LocalDate today, String id, SourceKind kind, String words, String where) {
        this.asked = asked;
        this.rates = rates;
        this.today = today;
        this.id = id;
        this.kind = kind;
        this.words = words;
        this.where = where;
    }

    SourceMaking thing(Thing of, int there) {
        thing = Optional.of(of);
        pieces = there;
        return this;
    }

    SourceMaking picture(String ofIt) {
        picture = ofIt;
        return this;
    }

    SourceMaking number(String ofCatalogue) {
        number = ofCatalogue;
        return this;
    }

    SourceMaking fits(Sources.Fitting how, CameraKind from, double chanceItWorks) {
        fitting = how;
        madeFor = from;
        works = chanceItWorks;
        double chance = how.chance() * chanceItWorks;
        return term("fits and works at " + Math.round(100 * chance) + " %", Math.round(chance * asked.worthMinor()));
    }

    SourceMaking cost(String what, long minor) {
        return minor > 0 ? term(what, -minor) : this;
    }

    SourceMaking minutes(int atTheBench) {
        minutes = atTheBench;
        return term(atTheBench + " min", -rates.minutes(atTheBench));
    }

    SourceMaking comesIn(int howManyDays) {
        days = howManyDays;
        long late = asked.promised()
                .map(day -> ChronoUnit.DAYS.between(day, today.plusDays(howManyDays)))
                .orElse(0L);
        return late > 0 ? term(late + (late == 1 ? " day late" : " days late"), -late * rates.lateDayMinor()) : this;
    }

    SourceMaking opening(long minor) {
        opens = true;
        openingMinor = minor;
        return minor > 0 ? term("opening a whole camera", -minor) : this;
    }

    SourceMaking kept(boolean forThis) {
        kept = forThis;
        return this;
    }

    private SourceMaking term(String what, long minor) {
        terms.add(new Term(what, minor));
        return this;
    }

    Sources.Source made() {
        return new Sources.Source(
                id,
                kind,
                new Sources.Source.What(words, where, thing, number, pieces, madeFor, picture),
                new Sources.Source.Chances(fitting.chance(), fitting.words(), works),
                new Sources.Source.Effort(minutes, days),
                new Sources.Source.Worth(List.copyOf(terms), Term.sum(terms), opens, openingMinor),
                kept);
    }
}
