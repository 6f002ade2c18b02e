package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.job.JobEntry;
import ruvant.core.logline.Reading;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.LookAlikes;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** Somebody at a bench who types lines, looks at checks and puts parts back, for whole jobs in tests. */
final class AtTheBench {
    final Logs logs;

    AtTheBench(BodyType body, Family shutter) {
        logs = Logs.camera(body, shutter);
    }

    /** Types lines that must be understood and taken. */
    AtTheBench types(String... lines) {
        for (String line : lines) {
            logs.add(read(line).toArray(JobEntry[]::new));
            logs.after(3);
        }
        return this;
    }

    /** Types a line that is understood and must be refused; gives the reason. */
    String refused(String line) {
        Optional<Refusal> refusal =
                read(line).stream().map(logs::refusal).flatMap(Optional::stream).findFirst();
        return refusal.orElseThrow(() -> new AssertionError("Nothing stops “" + line + "”"))
                .message();
    }

    private List<JobEntry> read(String line) {
        Reading reading = BenchLine.of(logs.picture(), Logs.SHOP).read(line);
        assertThat(reading.question()).as("%s", line).isEmpty();
        return reading.entries();
    }

    private Valley valley() {
        return logs.stands().picture().valley();
    }

    ValleyPart part(String name) {
        return valley().part(PartName.of(name)).orElseThrow();
    }

    /** The first reason why a part may not go back; empty when it may. */
    String stops(String name) {
        return logs.stands().refit().of(part(name)).reason();
    }

    /** Says that nothing of what is only taken to stand in the way of a part does. */
    AtTheBench free(String name) {
        RefitAnswer answer = logs.stands().refit().of(part(name));
        logs.add(new StripEntry.FreeOf(answer.part(), answer.probably()));
        return this;
    }

    /** Looks at every check of a part. */
    AtTheBench looksAt(String name) {
        logs.stands().refit().checks(part(name)).stream()
                .filter(check -> check.state() == GateCheck.State.OPEN)
                .forEach(check -> logs.add(new RefitEntry.GateAnswered(PartName.of(name), check.text(), true, "")));
        return this;
    }

    /** Looks at the checks, then puts back, all fasteners with it. */
    AtTheBench back(String... names) {
        for (String name : names) {
            looksAt(name).types("back " + name);
        }
        return this;
    }

    /** Puts everything back that may go, innermost first, until nothing is out; a stop on the way is an error. */
    AtTheBench closesUp() {
        while (!valley().out().isEmpty()) {
            ValleyPart next = valley().out().reversed().stream()
                    .filter(part -> valley().out().stream()
                            .noneMatch(other -> other.over().contains(part.name())))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("Nothing that is out can go back"));
            back(next.name().text());
        }
        return this;
    }

    Ledger ledger() {
        return Ledger.of(valley());
    }

    List<String> lookAlikes() {
        return LookAlikes.among(valley(), 1.0).stream()
                .map(pair -> pair.shorter().lengthMm() + " of " + pair.shorterOf() + ", "
                        + pair.longer().lengthMm() + " of " + pair.longerOf())
                .toList();
    }
}
