package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.Logs;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.RecordEntry;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.refit.WayBack;
import ruvant.core.strip.PlaceAccount;
import ruvant.core.strip.ValleyPart;

/** What holds of every log, over many that nobody wrote by hand. */
class RandomLogsTest {
    private static final int ATTEMPTS = 90;

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void readAnewItIsWhatItWasCarriedOnTo(long seed) {
        Logs logs = RandomWork.of(seed, ATTEMPTS);
        Kernel kernel = new JobRules(Logs.SHOP, logs.now()).kernel(Logs.TAG);
        Log<JobEntry> log = Log.empty(JobLog.name(Logs.TAG));
        Optional<Kernel.Folded> folded = Optional.empty();
        for (Line line : logs.log().lines()) {
            Kernel.Outcome<JobEntry> outcome = kernel.added(log, List.of(line), folded);
            assertThat(outcome.refusal()).as("%s", line.entry()).isEmpty();
            log = outcome.log();
            folded = outcome.folded();
        }
        JobPicture carriedOn =
                JobPicture.of(folded.orElseThrow().folding(), Logs.TAG, log.lastSequence(), Logs.SHOP.practice());
        assertThat(withoutTheRecord(carriedOn)).isEqualTo(withoutTheRecord(logs.picture()));
        assertThat(carriedOn).isEqualTo(logs.picture());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aStrikeUndoneLeavesNothingBehind(long seed) {
        Logs logs = RandomWork.of(seed, ATTEMPTS);
        List<Line> lines = List.copyOf(logs.log().lines());
        int tried = 0;
        for (Line line : lines) {
            JobPicture before = logs.picture();
            if (line.entry() instanceof RecordEntry
                    || logs.refusal(new RecordEntry.Struck(line.id(), "")).isPresent()) {
                continue;
            }
            logs.add(new RecordEntry.Struck(line.id(), ""));
            logs.add(new RecordEntry.StrikeUndone(line.id()));
            assertThat(withoutTheRecord(logs.picture())).as("%s", line.entry()).isEqualTo(withoutTheRecord(before));
            tried++;
        }
        assertThat(tried).isPositive();
    }

    /** The list at Return and the rule that refuses a return are told apart in code; of every camera they say the same. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatHoldsACameraBackIsWhatRefusesItsReturn(long seed) {
        Logs logs = RandomWork.of(seed, ATTEMPTS);
        assumeThat(logs.picture().returned()).isFalse();
        boolean refused =
                logs.refusal(new HandoverEntry.Returned("Amara Okonjo", "")).isPresent();
        assertThat(logs.stands().outstanding().stream().anyMatch(Outstanding::holds))
                .isEqualTo(refused);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatThingsAreCalledChangesNoAnswer(long seed) {
        Logs logs = RandomWork.of(seed, ATTEMPTS);
        List<Line> renamed = Renamed.lines(logs.log().lines());

        assertThat(answers(JobLog.of(Logs.TAG, renamed), logs.now())).isEqualTo(answers(logs.log(), logs.now()));
    }

    /** The bench reads the next steps and the list of parts, the camera the answers, the sheet the valley. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everyPageSaysTheSameOfEveryPart(long seed) {
        Logs logs = RandomWork.of(seed, ATTEMPTS);
        JobNow job = logs.stands();
        List<RefitAnswer> answers = job.refit().all();
        for (NextStep step : job.next()) {
            if (step instanceof NextStep.PutBack back) {
                assertThat(kinds(answers, RefitAnswer.Kind.READY))
                        .contains(back.part().text());
                assertThat(kinds(answers, RefitAnswer.Kind.READY)).hasSize(back.ready());
            } else if (step instanceof NextStep.CheckBefore check) {
                assertThat(answers)
                        .anyMatch(answer -> answer.part().equals(check.part())
                                && answer.notYet().equals(Optional.of(check.checks())));
            } else if (step instanceof NextStep.FireThrough || step instanceof NextStep.WriteSheet) {
                assertThat(answers)
                        .allMatch(answer ->
                                answer.kind() == RefitAnswer.Kind.BACK || answer.kind() == RefitAnswer.Kind.LEFT_OUT);
            }
        }
        for (ValleyPart part : job.picture().valley().parts()) {
            RefitAnswer answer = job.refit().of(part);
            boolean back = answer.kind() == RefitAnswer.Kind.BACK;
            assertThat(back).isEqualTo(part.state() == ValleyPart.State.BACK);
            boolean open = job.refit().checks(part).stream()
                    .anyMatch(one -> one.isOpen() && one.when().moment().isBefore());
            if (answer.kind() == RefitAnswer.Kind.READY) {
                assertThat(open)
                        .as("%s is ready with an open check", part.name())
                        .isFalse();
            }
        }
        assertThat(job.ledger().pieces().back()
                        + job.ledger().pieces().lost()
                        + job.ledger().pieces().destroyed()
                        + job.ledger().pieces().toStock()
                        + job.ledger().pieces().leftOut()
                        + job.ledger().pieces().out()
                        + job.ledger().pieces().unaccounted())
                .isEqualTo(job.ledger().off());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theAccountOfEveryPlaceBalances(long seed) {
        Logs logs = RandomWork.of(seed, ATTEMPTS);
        for (PlaceAccount account : logs.picture().notes().places()) {
            assertThat(List.of(
                            account.left(),
                            account.open(),
                            account.gone().lost(),
                            account.gone().spare(),
                            account.filled().back()))
                    .as("%s", account)
                    .allMatch(count -> count >= 0);
            assertThat(account.filled().back()
                            + account.filled().replaced()
                            + account.filled().out()
                            + account.left()
                            + account.open())
                    .as("%s", account)
                    .isEqualTo(account.required());
            assertThat(account.left() > 0)
                    .as("%s", account)
                    .isEqualTo(!account.because().isEmpty());
        }
    }

    private static List<String> kinds(List<RefitAnswer> answers, RefitAnswer.Kind kind) {
        return answers.stream()
                .filter(answer -> answer.kind() == kind)
                .map(answer -> answer.part().text())
                .toList();
    }

    /** Everything but the record itself, which says that a line was struck and the strike undone. */
    private static Map<String, Object> withoutTheRecord(JobPicture picture) {
        Map<String, Object> all = new TreeMap<>();
        all.put("intake", picture.intake());
        all.put("album", picture.album());
        all.put("valley", picture.valley());
        all.put("notes", picture.notes());
        all.put("find", picture.find());
        all.put("treat", picture.treat());
        all.put("parts", picture.parts());
        all.put("adjust", picture.adjust());
        all.put("refitting", picture.refitting());
        all.put("prove", picture.prove());
        all.put("handover", picture.handover());
        all.put("sitting", picture.sitting().minutesByStop());
        all.put("stop", picture.lastStop());
        return all;
    }

    /** Every judgement, told by ids alone. */
    private static List<Object> answers(Log<JobEntry> log, Instant now) {
        JobPicture picture = JobPicture.of(log, Logs.SHOP.practice());
        JobNow job = new JobNow(picture, Logs.SHOP, LearnedChecks.NONE, WayBack.USUAL_PACE, now);
        List<Object> all = new ArrayList<>();
        job.refit().all().forEach(answer -> all.add(answer.part() + " " + answer.kind() + " " + answer.against()));
        picture.valley()
                .parts()
                .forEach(part -> job.refit()
                        .checks(part)
                        .forEach(check -> all.add(check.what().id() + " " + check.state())));
        job.next().forEach(step -> all.add(step.getClass().getSimpleName()));
        job.stops().forEach(all::add);
        picture.find().suspects().forEach(one -> all.add(one.what().id() + " " + one.state()));
        picture.find().causes().forEach(one -> all.add(one.what().id()));
        picture.treat().waits().forEach(wait -> all.add(wait.what().id() + " " + wait.over(now)));
        picture.intake().functions().forEach(one -> all.add(one.function().id() + " " + one.result()));
        picture.prove().functions().forEach(one -> all.add(one.function().id() + " " + one.result()));
        all.add(picture.prove().streak());
        all.add(job.wayBack());
        return all;
    }
}
