package ruvant.core.house;

import ruvant.core.units.Check;

/**
 * What counts as proved, as alike and as done here, and whether the owner is asked first.
 *
 * @param streakLength good firings in a row that prove a shutter, 1 to 500
 * @param lookAlikeMm lengths closer than this are look-alikes, 0.1 to 5 mm
 * @param glassPasses times that a glass is gone over before what is left is called permanent, 1 to 20
 * @param ownerAgreesFirst whether what cannot be undone waits until the owner has agreed to it
 */
public record Standards(int streakLength, double lookAlikeMm, int glassPasses, boolean ownerAgreesFirst) {
    public Standards {
        Check.count("streakLength", streakLength, 1, 500);
        Check.within("lookAlikeMm", lookAlikeMm, 0.1, 5, "mm");
        Check.count("glassPasses", glassPasses, 1, 20);
    }

    Standards withStreak(int length) {
        return new Standards(length, lookAlikeMm, glassPasses, ownerAgreesFirst);
    }

    Standards withLookAlikes(double withinMm) {
        return new Standards(streakLength, withinMm, glassPasses, ownerAgreesFirst);
    }

    Standards withGlassPasses(int most) {
        return new Standards(streakLength, lookAlikeMm, most, ownerAgreesFirst);
    }

    Standards withOwnerAsked(boolean asked) {
        return new Standards(streakLength, lookAlikeMm, glassPasses, asked);
    }
}
