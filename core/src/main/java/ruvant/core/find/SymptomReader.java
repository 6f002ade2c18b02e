package ruvant.core.find;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ruvant.core.units.Named;

/**
 * What is said to be wrong, read as known symptoms: seen, denied, or one of several. What is doubted, no longer so, or in words
 * that nothing is known of stays unread, and is said to be.
 */
final class SymptomReader {
    /** Says that a fault is not there every time. */
    static final String COMES_AND_GOES = "comesAndGoes";

    /** From so often on it is every time. */
    private static final double EVERY_TIME = 0.97;

    /** What is worse now and then says only that it comes and goes. */
    private static final Set<String> WORSE = Set.of("wors");

    /** Of what the clauses after it may go on to speak. */
    private static final Set<String> SUBJECTS =
            Set.of("slowspd", "fastspd", "allspd", "onespd", "meter", "selftimer", "flash", "advance", "rangefinder");

    private final FaultKnowledge knowledge;
    private final Speech speech;
    private final Set<String> seen = new HashSet<>();
    private final Set<String> denied = new HashSet<>();
    private final List<Set<String>> oneOf = new ArrayList<>();
    private final List<String> unread = new ArrayList<>();

    SymptomReader(FaultKnowledge knowledge) {
        this.knowledge = knowledge;
        speech = Speech.of(knowledge.sayings());
    }

    /**
     * What was read so far.
     *
     * @param seen ids of symptoms
     * @param denied ids of symptoms that are said not to be there; none of those that are seen
     * @param oneOf ids of symptoms of which one at least is there
     * @param unread clauses that nothing was taken from
     */
    record Read(Set<String> seen, Set<String> denied, List<Set<String>> oneOf, List<String> unread) {}

    Read read() {
        Set<String> left = new HashSet<>(denied);
        left.removeAll(seen);
        return new Read(Set.copyOf(seen), left, List.copyOf(oneOf), List.copyOf(unread));
    }

    /** Takes a symptom in, with when it shows. */
    void symptom(Named what, Shown shown) {
        if (shown != null && shown.gone()) {
            unread.add(what.words() + shown.words());
            return;
        }
        if (shown != null && shown.odds() != null) {
            (shown.odds() < EVERY_TIME ? seen : denied).add(COMES_AND_GOES);
        }
        knowledge
                .symptomOf(what)
                .ifPresentOrElse(
                        known -> seen.add(known.id()),
                        () -> said(
                                what.words(), shown == null || shown.speed().isEmpty() ? "" : " at " + shown.speed()));
        // the state in which it shows is a symptom of its own
        if (shown != null && !shown.when().isEmpty() && !takeAsSaid(speech.clause("worse " + shown.when()))) {
            unread.add(what.words() + ", " + shown.when());
        }
    }

    private void said(String text, String speed) {
        Set<String> subject = Set.of();
        for (Speech.Clause clause : speech.clauses(text)) {
            Speech.Clause whole = speed.isEmpty() ? clause : speech.clause(clause.text() + speed);
            boolean read = takeAsSaid(whole);
            if (!read && !subject.isEmpty()) {
                // "slow speeds late, scattered": what follows is said of the same thing
                Set<String> also = new HashSet<>(subject);
                also.addAll(whole.telling());
                read = take(whole, also);
            }
            if (!read) {
                unread.add(clause.text());
            }
            Set<String> speeds = new HashSet<>(whole.telling());
            speeds.retainAll(SUBJECTS);
            subject = speeds.isEmpty() ? subject : speeds;
        }
    }

    private boolean takeAsSaid(Speech.Clause clause) {
        return take(clause, clause.telling());
    }

    private boolean take(Speech.Clause clause, Set<String> telling) {
        if (clause.open()) {
            return false;
        }
        boolean read = false;
        if (!clause.often().isEmpty() && !clause.not()) {
            (clause.often().equals("sometimes") ? seen : denied).add(COMES_AND_GOES);
            read = clause.telling().isEmpty() || clause.telling().equals(WORSE);
        }
        List<Meant> meant = meant(telling, clause.often());
        for (Meant one : meant) {
            boolean more = meant.stream()
                    .anyMatch(other -> other.words().size() > one.words().size()
                            && other.words().containsAll(one.words()));
            if (more) {
                continue;
            }
            if (!clause.fine() && clause.not() == one.not()) {
                seen.add(one.id());
                read = true;
            } else if (clause.fine() ? one.not() && !clause.not() : clause.not()) {
                // "meter not dead", "releases fine"; that it "releases" says nothing yet
                denied.add(one.id());
                read = true;
            }
        }
        return clause.fine() && functions(clause, telling) || read;
    }

    /** A function that is said to work denies what it would show; one that does not shows one of it. */
    private boolean functions(Speech.Clause clause, Set<String> telling) {
        Set<String> shown = new HashSet<>();
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            if (!symptom.deniedBy().isEmpty()
                    && symptom.deniedBy().stream()
                            .allMatch(function ->
                                    telling.containsAll(speech.clause(function).telling()))) {
                shown.add(symptom.id());
            }
        }
        if (shown.isEmpty()) {
            return false;
        }
        if (clause.not()) {
            oneOf.add(shown);
        } else {
            denied.addAll(shown);
        }
        return true;
    }

    private record Meant(String id, Set<String> words, boolean not) {}

    private List<Meant> meant(Set<String> telling, String often) {
        List<Meant> meant = new ArrayList<>();
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            Stream.of(Stream.of(symptom.words()), symptom.formerly().stream(), speech.sayings(symptom.id()).stream())
                    .flatMap(one -> one)
                    .map(speech::clause)
                    .filter(one -> !one.telling().isEmpty() && telling.containsAll(one.telling()))
                    .filter(one -> one.often().isEmpty() || one.often().equals(often))
                    .forEach(one -> meant.add(new Meant(symptom.id(), one.telling(), one.not())));
        }
        return meant;
    }
}
