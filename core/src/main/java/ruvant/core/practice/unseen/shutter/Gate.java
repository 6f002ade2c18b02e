package ruvant.core.practice.unseen.shutter;

/** A focal plane: two curtains, and what lets the second one go. */
final class Gate implements Works {
    private final double[] made;
    private final double[] factors;
    private final boolean electronic;
    private final double travel;
    private final Blind leading;
    private final Blind trailing;

    /** How far the leading curtain's way decides when the trailing one goes. */
    private final double carried;

    private final double escapementFrom;
    private final double escapementAfter;
    private final Gear escapement;
    private final Release release;
    private final double scatter;
    private double[] travels = new double[2];

    /**
     * What lets the trailing curtain go.
     *
     * @param late it sticks for so long, with that chance, of the shape of {@code pieces} waits one after another
     * @param hangs chance that it stays for longer
     * @param residual a magnet holds on for so long, differing by a part of it
     * @param erratic chance that the contact disturbs, by so many logarithms, with a jitter in seconds and a chance that it breaks
     * @param least a dead magnet lets go after that, 0 where it works
     */
    private record Release(
            double late,
            double sticks,
            int pieces,
            double lateDown,
            double lateRested,
            double hangs,
            double residual,
            double residualDiffers,
            double erratic,
            double disturbs,
            double jitter,
            double breaks,
            double factor,
            double tilt,
            double least) {}

    Gate(boolean electronic, Faults faults, double[] made, double[] factors, Dice dice) {
        this.electronic = electronic;
        this.made = made;
        this.factors = factors;
        travel = electronic ? dice.wide(0.003, 0.009) : dice.wide(0.006, 0.018);
        double falls = dice.from(0.05, 0.5);
        double runUp = dice.from(0.03, 0.3);
        double friction = dice.from(0.05, 0.25);
        double air = dice.from(0, 0.15);
        double both = faults.much("bothWeak", 0.13, 0.45, dice);
        leading = blind(
                "leading",
                faults,
                dice,
                new Blind(travel, (1 - both) * dice.times(0.02), falls, runUp, friction, air, Blind.Drag.NONE));
        trailing = blind(
                "trailing",
                faults,
                dice,
                new Blind(
                        travel,
                        (1 - both * dice.times(0.1)) * dice.times(0.02),
                        falls,
                        runUp,
                        friction,
                        air,
                        Blind.Drag.NONE));
        carried = electronic ? 0 : dice.happens(0.35) ? 0 : dice.happens(0.5) ? 1 : dice.from(0, 1);
        escapementFrom = dice.wide(0.013, 0.045);
        escapementAfter = escapementFrom * dice.from(0.5, 0.95);
        escapement = escapement(faults, dice);
        release = release(faults, dice);
        scatter = dice.wide(0.008, 0.04);
    }

    private static Blind blind(String which, Faults faults, Dice dice, Blind sound) {
        double force = sound.force() * (1 - faults.much(which + "Weak", 0.12, 0.45, dice));
        force *= 1 + faults.much(which + "Strong", 0.12, 0.5, dice);
        double size = faults.much(which + "Drags", 0.12, 0.42, dice);
        Blind.Drag drag = Blind.Drag.NONE;
        if (size > 0) {
            double kind = dice.random.nextDouble();
            drag = new Blind.Drag(
                    kind < 0.5 ? size : 0.2 * size,
                    kind >= 0.5 && kind < 0.7 ? 1.2 * size : 0,
                    kind >= 0.7 ? 2.2 * size : 0,
                    dice.from(0, 0.6),
                    dice.from(0.15, 0.4),
                    dice.from(0.12, 0.6),
                    dice.from(0.8, 1.5),
                    dice.from(0.9, 1.6));
        }
        return new Blind(
                sound.soundSeconds(), force, sound.falls(), sound.runUp(), sound.friction(), sound.air(), drag);
    }

    private static Gear escapement(Faults faults, Dice dice) {
        Gear gear = Gear.sound(dice);
        double gum = faults.much("escapementGummed", 0.2, 0.65, dice);
        if (gum > 0) {
            gear = gear.gummed(gum, dice);
        }
        double mesh = faults.much("escapementEngagement", 0.25, 1.2, dice);
        if (mesh > 0) {
            double side = dice.side();
            gear = dice.happens(0.5)
                    ? gear.meshed(side * mesh * dice.wide(0.012, 0.05), 0)
                    : gear.meshed(0, side > 0 ? mesh : -mesh / (1 + mesh));
        }
        return gear;
    }

    private static Release release(Faults faults, Dice dice) {
        double late = faults.much("latchSticky", 0.0005, 0.004, dice);
        double erratic = faults.much("contactDirty", 0.2, 0.8, dice);
        double drift = faults.much("timingDrift", 0.25, 1, dice) * dice.side();
        return new Release(
                late,
                dice.from(0.4, 1),
                1 + dice.random.nextInt(6),
                dice.from(0.7, 1.4),
                dice.from(1, 3),
                late > 0 && dice.happens(0.5) ? dice.from(0, 0.15) : 0,
                faults.much("magnetResidual", 0.0004, 0.003, dice),
                dice.from(0.03, 0.25),
                erratic,
                dice.from(0.3, 0.95),
                erratic > 0 ? dice.from(0, 0.0008) : 0,
                erratic > 0 && dice.happens(0.7) ? dice.from(0, 0.25) : 0,
                Math.pow(2, drift),
                drift == 0 ? 0 : dice.bell(0.06),
                faults.first().equals("magnetDead")
                        ? dice.happens(0.15) ? 0.0001 : Math.pow(2, -dice.from(5.5, 11))
                        : 0);
    }

    @Override
    public double[] fire(int speed, double[] places, Shot shot, Dice dice) {
        double[] first = leading.run(dice, shot);
        double[] second = trailing.run(dice, shot);
        travels = new double[] {(first[20] - first[0]) / travel, (second[20] - second[0]) / travel};
        double wanted = made[speed] * factors[speed] * dice.times(scatter);
        double delay = (electronic ? timed(wanted, dice) : held(wanted, first, shot, dice)) + late(shot, dice);
        double[] exposures = new double[places.length];
        for (int k = 0; k < places.length; k++) {
            double opened = Blind.when(first, places[k]) - first[0];
            double shut = delay + Blind.when(second, places[k]) - second[0];
            exposures[k] = Math.max(0, shut - opened);
        }
        return exposures;
    }

    private double held(double wanted, double[] first, Shot shot, Dice dice) {
        if (wanted > escapementFrom) {
            return escapementAfter + escapement.takes(wanted - escapementAfter, 1, dice, shot);
        }
        double part = Math.min(1, wanted / travel);
        double lost = (first[20] - first[0]) * part - travel * part;
        return wanted + carried * lost;
    }

    private double timed(double wanted, Dice dice) {
        double clock = wanted * release.factor * Math.pow(wanted / 0.03, release.tilt);
        if (release.erratic > 0 && dice.happens(release.disturbs)) {
            clock *= dice.times(0.69 * release.erratic);
        }
        clock = Math.max(0, clock + dice.bell(release.jitter));
        if (dice.happens(release.breaks)) {
            clock *= dice.happens(0.5) ? dice.from(0.05, 0.6) : dice.wide(1.5, 5);
        }
        return release.least > 0 ? Math.min(clock, release.least * dice.times(0.03)) : clock;
    }

    private double late(Shot shot, Dice dice) {
        double sum = 0;
        if (release.late > 0) {
            double waited = 0;
            for (int i = 0; i < release.pieces; i++) {
                waited -= Math.log(1 - dice.random.nextDouble()) / release.pieces;
            }
            boolean sticks = dice.happens(release.sticks);
            sum = release.late
                    * waited
                    * (sticks ? 1 : 0.1)
                    * (shot.lensDown() ? release.lateDown : 1)
                    * (shot.rested() ? release.lateRested : 1);
            sum += dice.happens(release.hangs) ? dice.wide(0.01, 0.15) : 0;
        }
        return sum + release.residual * Math.max(0, 1 + dice.bell(release.residualDiffers));
    }

    @Override
    public double[] travels() {
        return travels.clone();
    }
}
