package ruvant.core.practice.unseen.shutter;

/**
 * A train with a pallet that takes time.
 *
 * @param gum part of the torque that is eaten
 * @param differs from firing to firing, spread of its logarithm
 * @param down times as much with the lens down
 * @param rested times as much after a rest
 * @param freed part of it that each firing frees for the next one
 * @param slows power by which it slows as torque is lost
 * @param moreSeconds it runs longer, for another depth of the mesh
 * @param morePart the same, as a part of what it should take
 * @param skips chance that the pallet slips
 * @param left part of the time that is left when it does, at least
 */
record Gear(
        double gum,
        double differs,
        double down,
        double rested,
        double freed,
        double slows,
        double moreSeconds,
        double morePart,
        double skips,
        double left) {

    static Gear sound(Dice dice) {
        return new Gear(0, 0, 1, 1, 0, dice.from(0.5, 1.1), 0, 0, 0, 0);
    }

    Gear gummed(double gum, Dice dice) {
        return new Gear(
                gum,
                dice.from(0.1, 0.5),
                dice.from(0.9, 1.6),
                dice.from(0.9, 1.6),
                dice.happens(0.4) ? dice.from(0, 0.12) : 0,
                slows,
                moreSeconds,
                morePart,
                skips,
                left);
    }

    Gear meshed(double seconds, double part) {
        return new Gear(gum, differs, down, rested, freed, slows, moreSeconds + seconds, morePart + part, skips, left);
    }

    Gear slipping(double chance, double least) {
        return new Gear(gum, differs, down, rested, freed, slows, moreSeconds, morePart, chance, least);
    }

    /** @param torque what drives it, 1 for as made */
    double takes(double made, double torque, Dice dice, Shot shot) {
        double felt = gum
                * dice.times(differs)
                * (shot.lensDown() ? down : 1)
                * (shot.rested() ? rested : 1)
                * Math.pow(1 - freed, shot.before());
        double drive = torque - felt;
        double seconds = Math.max(0.1 * made, made * (1 + morePart) + moreSeconds);
        if (skips > 0 && dice.happens(skips)) {
            seconds *= dice.from(left, Math.min(1, left + 0.5));
        }
        seconds *= Math.pow(Math.max(0.12, drive), -slows);
        return drive < 0.12 ? seconds * dice.from(1.2, 2.5) : seconds;
    }
}
