package ruvant.core.parts;

import java.util.Locale;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.units.Check;

/**
 * A part of one kind of camera tried in another.
 *
 * @param part its name
 * @param from the kind it came from
 * @param into the kind it was tried in
 * @param outcome how it went
 */
public record Fit(String part, CameraKind from, CameraKind into, FitOutcome outcome) {
    public Fit {
        part = Check.name("part", part).toLowerCase(Locale.ROOT);
        Check.chosen("from", from);
        Check.chosen("into", into);
        Check.chosen("outcome", outcome);
    }
}
