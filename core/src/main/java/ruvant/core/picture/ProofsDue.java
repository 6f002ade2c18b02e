package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.intake.IntakePicture;
import ruvant.core.picture.ProofDue.Because;
import ruvant.core.picture.ProofDue.State;
import ruvant.core.picture.ProofDue.Why;
import ruvant.core.proof.FilmReading;
import ruvant.core.proof.ProofBook;
import ruvant.core.proof.ProofEntry;
import ruvant.core.proof.ProofPicture;
import ruvant.core.strip.ValleyPart;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.Named;

/**
 * Which proofs a camera needs follows from what was opened, treated, replaced and turned, and from what was agreed. A proof counts only
 * if it was made after the last touch of what it proves.
 */
final class ProofsDue {
    private static final String FILM_HOW =
            "Expose a film at known speeds, develop it, and note what is wrong with which frame.";

    /** A counter may stand one off, since some count the leader. */
    private static final int COUNTER_MAY_BE_OFF = 1;

    private ProofsDue() {}

    /** Something of the camera was touched. */
    private record Touch(Why why, String what, Instant at) {}

    /** All that can be needed on such a camera: what is required first, then the test film, which is always offered. */
    static List<ProofDue> of(JobPicture job, ProofBook book) {
        List<Touch> touches = touches(job);
        List<ProofDue> all = new ArrayList<>();
        var camera = job.received().camera();
        Set<String> has = job.intake().functions().stream()
                .filter(one -> one.result().tried())
                .map(one -> one.function().id())
                .collect(Collectors.toSet());
        for (ProofBook.Kind kind : book.kinds()) {
            if (kind.on(camera.bodyType(), camera.family())) {
                boolean equipped =
                        kind.functions().isEmpty() || kind.functions().stream().anyMatch(has::contains);
                List<Touch> its = touches.stream()
                        .filter(one -> kind.speaksOf(one.what()) || equipped && kind.isNear(one.what()))
                        .toList();
                List<Because> because = because(its, asked(job, kind));
                if (!because.isEmpty()) {
                    all.add(due(kind, because, last(its), job.proofs()));
                }
            }
        }
        if (!touches.isEmpty() || !job.proofs().films().isEmpty()) {
            all.add(film(job, touches, book));
        }
        all.sort(Comparator.comparing(one -> !one.required()));
        return List.copyOf(all);
    }

    private static List<Touch> touches(JobPicture job) {
        List<Touch> all = new ArrayList<>();
        for (ValleyPart part : job.valley().parts()) {
            all.add(new Touch(
                    Why.OPENED, part.name().text(), part.settled().at().orElse(part.removedAt())));
        }
        TreatPicture treat = job.treat();
        treat.cleaned()
                .forEach(one -> all.add(new Touch(Why.TREATED, one.what().part().text(), one.at())));
        treat.mended()
                .forEach(one -> all.add(new Touch(Why.TREATED, one.what().part().text(), one.at())));
        treat.modified()
                .forEach(one -> all.add(new Touch(Why.TREATED, one.what().part().text(), one.at())));
        treat.lubricated()
                .forEach(one -> all.add(new Touch(Why.TREATED, one.what().part().text(), one.at())));
        job.parts()
                .replacements()
                .forEach(
                        one -> all.add(new Touch(Why.REPLACED, one.what().part().text(), one.at())));
        job.adjust().settings().stream()
                .filter(one -> !one.turned().isEmpty())
                .reduce((earlier, later) -> later)
                .ifPresent(last -> job.adjust().turned().stream()
                        .filter(one -> one.turns() != 0)
                        .forEach(one -> all.add(
                                new Touch(Why.ADJUSTED, one.what().name().words(), last.at()))));
        return all;
    }

    private static List<String> asked(JobPicture job, ProofBook.Kind kind) {
        return scope(job).filter(kind::askedBy).toList();
    }

    private static java.util.stream.Stream<String> scope(JobPicture job) {
        return job.intake().scope().stream()
                .filter(item -> item.state() != IntakePicture.ScopeState.LEFT)
                .map(item -> item.what().words());
    }

    private static List<Because> because(List<Touch> touches, List<String> asked) {
        List<Because> all = new ArrayList<>();
        asked.forEach(one -> all.add(new Because(Why.ASKED, one)));
        touches.stream()
                .map(one -> new Because(one.why(), one.what()))
                .distinct()
                .forEach(all::add);
        return List.copyOf(all);
    }

    private static Instant last(List<Touch> touches) {
        return touches.stream().map(Touch::at).max(Comparator.naturalOrder()).orElse(Instant.EPOCH);
    }

    private static ProofDue due(ProofBook.Kind kind, List<Because> because, Instant since, ProofPicture proofs) {
        List<ProofPicture.Made> made = proofs.of(kind.id(), since);
        List<ProofEntry.ProofReading> readings =
                made.stream().flatMap(one -> one.what().readings().stream()).toList();
        Optional<ProofBook.Criterion> criterion = Optional.ofNullable(kind.criterion());
        // the last word holds: what whoever made it says, or what was read
        State state = made.isEmpty()
                ? State.OPEN
                : Optional.ofNullable(made.getLast().what().passed())
                        .map(passed -> passed ? State.PASSED : State.FAILED)
                        .or(() -> criterion.map(one -> state(one, readings)))
                        .orElse(State.STARTED);
        return new ProofDue(kind.named(), kind.how(), criterion, because, state, readings, Optional.empty());
    }

    /** A reading outside makes it fail until enough in a row after it are within. */
    private static State state(ProofBook.Criterion criterion, List<ProofEntry.ProofReading> readings) {
        int from = 0;
        for (int at = 0; at < readings.size(); at++) {
            if (!criterion.passes(readings.get(at))) {
                from = at + 1;
            }
        }
        List<ProofEntry.ProofReading> since = readings.subList(from, readings.size());
        boolean enough = since.size() >= criterion.least();
        double span = since.stream()
                        .filter(one -> one.at() != null)
                        .mapToDouble(ProofEntry.ProofReading::at)
                        .max()
                        .orElse(0)
                - since.stream()
                        .filter(one -> one.at() != null)
                        .mapToDouble(ProofEntry.ProofReading::at)
                        .min()
                        .orElse(0);
        if (enough && span >= criterion.apart()) {
            return State.PASSED;
        }
        return since.isEmpty() ? State.FAILED : State.STARTED;
    }

    private static ProofDue film(JobPicture job, List<Touch> touches, ProofBook book) {
        List<Because> because = scope(job)
                .filter(one -> one.toLowerCase(java.util.Locale.ROOT).contains("test film"))
                .map(one -> new Because(Why.ASKED, one))
                .toList();
        Optional<FilmReading> reading = job.proofs().film(last(touches)).map(one -> FilmReading.of(one.what(), book));
        State state = reading.map(one -> one.faults().isEmpty()
                                && one.counterOff()
                                        .filter(off -> Math.abs(off) > COUNTER_MAY_BE_OFF)
                                        .isEmpty()
                                && one.gaps().filter(gaps -> !gaps.even()).isEmpty()
                        ? State.PASSED
                        : State.FAILED)
                .orElse(State.OPEN);
        return new ProofDue(
                new Named(ProofDue.FILM, "Test film"), FILM_HOW, Optional.empty(), because, state, List.of(), reading);
    }
}
