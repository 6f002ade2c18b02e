package ruvant.core.logline;

import java.util.List;
import java.util.Locale;
import ruvant.core.job.JobEntry;
import ruvant.core.measure.GuessedError;
import ruvant.core.picture.JobPicture;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.Phase;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.FieldProblem;

/** What lines about speeds and firings put into the record. */
final class ProveLines {
    private static final String READ_OFF = "read off";

    private final JobPicture picture;
    private final boolean afterWork;

    ProveLines(JobPicture picture, boolean afterWork) {
        this.picture = picture;
        this.afterWork = afterWork;
    }

    private Phase phase(Fields said) {
        return said.choice("phase", Phase.class).orElse(afterWork ? Phase.AFTER : Phase.BEFORE);
    }

    List<JobEntry> timed(Fields said) {
        String speed = said.needed("speed", "No speed is named.", "Name the marked speed, such as 1/60.");
        if (said.has("seconds")) {
            return List.of(new ProveEntry.FiringsTimed(
                    speed, phase(said), Attitude.LEVEL, "", said.numbers("seconds"), false));
        }
        if (said.has("says")) {
            String words = said.text("says");
            return List.of(new ProveEntry.SpeedGuessed(speed, phase(said), words, GuessedError.ev(words)));
        }
        if (said.has("errorPercent") || said.has("errorEv")) {
            // somebody read it off something that says how far off it is: one firing, whose time follows
            double times = said.number("errorPercent")
                    .map(percent -> 1 + percent / 100)
                    .orElseGet(() -> Math.pow(2, said.number("errorEv").orElse(0.0)));
            return List.of(new ProveEntry.FiringsTimed(
                    speed, phase(said), Attitude.LEVEL, READ_OFF, List.of(nominal(speed) * times), false));
        }
        HeardError error = HeardError.of(said, nominal(speed));
        return List.of(new ProveEntry.SpeedGuessed(
                speed, phase(said), error.words(), error.middle(), error.low(), error.high()));
    }

    private double nominal(String speed) {
        SpeedSeries series = picture.intake().received().map(in -> in.series()).orElse(SpeedSeries.AS_MARKED);
        return MarkedSpeed.nominalSeconds(speed, series);
    }

    List<JobEntry> fired(Fields said) {
        int good = said.count("good", 0);
        int missed = said.count("missed", 0);
        String speed = said.text("speed");
        if (good + missed == 1 && speed.isEmpty()) {
            return List.of(new ProveEntry.Fired(good == 1, said.remark()));
        }
        if (good + missed == 0) {
            throw new FieldProblem("good", "No firing is counted.", "Say how many: “25 good”.");
        }
        return List.of(new ProveEntry.FiredRow(
                good, missed, said.text("order").toLowerCase(Locale.ROOT).equals("missesfirst"), speed, said.remark()));
    }
}
