package ruvant.core.offer;

import ruvant.core.trade.Stop;
import ruvant.core.units.Check;

/**
 * One step of an option.
 *
 * @param stop where it is done
 * @param about id of the cause or key of the part that it is about; empty for the whole camera
 * @param chance that it succeeds, in percent, 1 to 100
 * @param ifNot what follows where it does not
 */
public record OptionStep(Stop stop, String words, String about, StepMinutes minutes, int chance, IfNot ifNot) {
    public OptionStep {
        Check.chosen("stop", stop);
        words = Check.name("words", words);
        about = Check.optionalName("about", about);
        Check.chosen("minutes", minutes);
        Check.count("chance", chance, 1, 100);
        ifNot = Check.or(ifNot, IfNot.STOPS);
    }

    /** A step that always succeeds. */
    public static OptionStep sure(Stop stop, String words, StepMinutes minutes) {
        return new OptionStep(stop, words, "", minutes, 100, IfNot.STOPS);
    }

    /** Whether it is part of closing the camera and handing it back, which is done however the repair ended. */
    public boolean closing() {
        return stop == Stop.REFIT || stop == Stop.RETURN;
    }
}
