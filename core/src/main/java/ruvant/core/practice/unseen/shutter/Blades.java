package ruvant.core.practice.unseen.shutter;

import java.util.Arrays;

/** A leaf shutter: a ring on a spring, and a train that the same ring drives while it is held. */
final class Blades implements Works {
    private final double[] made;
    private final double[] factors;
    private final double quickest;
    private final double torque;
    private final double friction;
    private final double inertia;
    private final double drag;
    private final double dragDiffers;
    private final double dragDown;
    private final double dragRested;
    private final double dragOnTrain;
    private final double springOnTrain;
    private final double palletFrom;
    private final Gear wheels;
    private final Gear pallet;
    private final Oil oil;
    private final double scatter;

    /** Oil holds the blades for a while, differing; in some cameras longer after a rest, in others not. */
    private record Oil(double seconds, double differs, double rested, double sticks, double thick) {}

    Blades(Faults faults, double[] made, double[] factors, Dice dice) {
        this.made = made;
        this.factors = factors;
        quickest = Math.pow(2, -dice.from(6.8, 8.8));
        torque = (1 - faults.much("mainSpringWeak", 0.18, 0.5, dice))
                * (1 + faults.much("mainSpringStrong", 0.22, 0.9, dice));
        friction = dice.from(0.08, 0.22);
        inertia = dice.from(0, 1);
        drag = faults.much("ringDrags", 0.18, 0.55, dice);
        dragDiffers = dice.from(0.12, 0.5);
        dragDown = dice.from(0.9, 1.5);
        dragRested = dice.from(0.9, 1.5);
        dragOnTrain = dice.from(0.2, 0.9);
        springOnTrain = dice.from(0.5, 1);
        palletFrom = Math.pow(2, -dice.from(2.2, 5.2));
        double gum = faults.much("trainGummed", 0.2, 0.6, dice);
        boolean onlyPallet = dice.happens(0.25);
        double deep = faults.much("trainTooDeep", 0.25, 1, dice) - faults.much("trainTooShallow", 0.2, 0.6, dice);
        double skips = faults.much("palletSkips", 0.35, 1, dice);
        Gear sound = Gear.sound(dice);
        Gear dirty = gum > 0 ? sound.gummed(gum, dice) : sound;
        double seconds = dice.wide(0.003, 0.012);
        boolean byPart = dice.happens(0.5);
        wheels = (onlyPallet ? sound : dirty).meshed(byPart ? 0 : deep * seconds, byPart ? deep : 0);
        pallet = dirty.meshed(byPart ? 0 : deep * seconds * dice.wide(2, 8), byPart ? deep : 0)
                .slipping(skips, dice.from(0.1, 0.5));
        double held = faults.much("oilOnBlades", 0.0004, 0.003, dice);
        oil = new Oil(
                held,
                dice.from(0.25, 0.9),
                dice.happens(0.4) ? 0 : dice.wide(0.3, 5),
                held > 0 && dice.happens(0.6) ? dice.from(0, 0.2) : 0,
                held > 0 ? dice.from(0, 0.25) : 0);
        scatter = dice.wide(0.008, 0.04);
    }

    @Override
    public double[] fire(int speed, double[] places, Shot shot, Dice dice) {
        double wanted = made[speed] * factors[speed] * dice.times(scatter);
        double felt = drag
                * dice.times(drag > 0 ? dragDiffers : 0)
                * (shot.lensDown() ? dragDown : 1)
                * (shot.rested() ? dragRested : 1);
        double left = Math.max(0.1, (torque - friction - felt) / (1 - friction) - oil.thick);
        double slower = inertia / Math.sqrt(left) + (1 - inertia) / left;
        double blades = Math.min(wanted, quickest);
        double exposure = blades * slower;
        if (wanted > quickest) {
            double drive = Math.max(0.15, Math.pow(torque, springOnTrain) - dragOnTrain * felt);
            exposure += (wanted > palletFrom ? pallet : wheels).takes(wanted - quickest, drive, dice, shot);
        }
        if (oil.seconds > 0) {
            exposure += oil.seconds * dice.times(oil.differs) * (shot.rested() ? 1 + oil.rested : 1);
            exposure += dice.happens(oil.sticks) ? 0.4 * exposure + dice.wide(0.003, 0.04) : 0;
        }
        double[] everywhere = new double[places.length];
        Arrays.fill(everywhere, exposure);
        return everywhere;
    }

    @Override
    public double[] travels() {
        return new double[0];
    }
}
