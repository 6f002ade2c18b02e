package ruvant.core.practice.unseen.shutter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A shutter with a fault, one in five with a second and milder one, fired through its speeds.
 *
 * @param kind leaf, focalPlaneMechanical or focalPlaneElectronic
 * @param cause its fault by name
 * @param second another one, or healthy
 * @param leadingLog2 how long the leading curtain took against the maker's time, if that was looked at
 */
public record UnseenShutter(
        String kind,
        String cause,
        String second,
        List<Fired> speeds,
        Optional<Double> leadingLog2,
        Optional<Double> trailingLog2) {
    private static final double[][] DIALS = {
        {1, 1 / 2.0, 1 / 4.0, 1 / 8.0, 1 / 15.0, 1 / 30.0, 1 / 60.0, 1 / 125.0, 1 / 250.0, 1 / 500.0, 1 / 1000.0},
        {1, 1 / 2.0, 1 / 5.0, 1 / 10.0, 1 / 25.0, 1 / 50.0, 1 / 100.0, 1 / 250.0, 1 / 500.0, 1 / 1000.0}
    };
    private static final int FIRINGS = 5;

    /**
     * Makes one; faults take turns.
     *
     * @param wholly three sensors, lens down as well, the first firing after a rest and the curtains' travel; else exposures only
     * @param seed even for tuning, odd ones are set aside
     */
    public static UnseenShutter of(String kind, boolean wholly, long seed) {
        Dice dice = new Dice(seed * 0x9E3779B97F4A7C15L + kind.hashCode() * 0x632BE59BD9B4E019L);
        List<String> names = Faults.of(kind);
        String cause = names.get((int) Math.floorMod(seed / 2, names.size()));
        String second = Faults.NONE;
        if (!cause.equals(Faults.NONE) && dice.happens(0.2)) {
            second = names.get(1 + dice.random.nextInt(names.size() - 1));
            second = second.equals(cause) ? Faults.NONE : second;
        }
        double[] made = dial(kind, dice);
        double[] factors = new double[made.length];
        double common = dice.bell(0.045);
        double slant = dice.bell(0.01);
        for (int s = 0; s < made.length; s++) {
            factors[s] = Math.exp(common + slant * (s - made.length / 2.0) + dice.bell(0.035));
        }
        Faults faults = new Faults(cause, second, dice.from(0.25, 0.55));
        if (faults.has("camWornAtOneSpeed")) {
            int at = dice.random.nextInt(made.length);
            double worn = faults.much("camWornAtOneSpeed", 0.35, 1.1, dice) * dice.side();
            factors[at] *= Math.pow(2, worn);
            if (dice.happens(0.3) && at + 1 < made.length) {
                factors[at + 1] *= Math.pow(2, 0.3 * worn);
            }
        }
        Works works = kind.equals("leaf")
                ? new Blades(faults, made, factors, dice)
                : new Gate(kind.equals("focalPlaneElectronic"), faults, made, factors, dice);
        return looked(kind, faults, wholly, made, works, dice);
    }

    private static double[] dial(String kind, Dice dice) {
        double[] dial = DIALS[dice.happens(0.75) ? 0 : 1];
        int to = kind.equals("leaf") ? dial.length - 1 - dice.random.nextInt(2) : dial.length - dice.random.nextInt(2);
        int from = Math.max(0, to - 8 - dice.random.nextInt(4));
        double[] made = new double[to - from];
        System.arraycopy(dial, from, made, 0, made.length);
        return made;
    }

    private static UnseenShutter looked(
            String kind, Faults faults, boolean wholly, double[] made, Works works, Dice dice) {
        double[] places = wholly && !kind.equals("leaf") ? new double[] {0.1, 0.5, 0.9} : new double[] {0.5};
        List<Fired> speeds = new ArrayList<>();
        double[] travels = new double[2];
        int runs = 0;
        for (int s = 0; s < made.length; s++) {
            List<double[]> level = new ArrayList<>();
            List<double[]> down = new ArrayList<>();
            for (int i = 0; i < FIRINGS; i++) {
                level.add(seen(works.fire(s, places, new Shot(false, wholly && i == 0, i), dice), dice));
                double[] took = works.travels();
                for (int k = 0; k < took.length; k++) {
                    travels[k] += took[k];
                }
                runs++;
            }
            for (int i = 0; wholly && i < 3; i++) {
                down.add(seen(works.fire(s, places, new Shot(true, false, FIRINGS + i), dice), dice));
            }
            List<Double> where = new ArrayList<>();
            for (double place : places) {
                where.add(place);
            }
            speeds.add(new Fired(made[s], where, level, down, wholly));
        }
        boolean timed = wholly && works.travels().length == 2;
        return new UnseenShutter(
                kind,
                faults.first(),
                faults.second(),
                speeds,
                timed ? Optional.of(against(travels[0] / runs, dice)) : Optional.empty(),
                timed ? Optional.of(against(travels[1] / runs, dice)) : Optional.empty());
    }

    /** The maker's time is that of another camera of the kind. */
    private static double against(double times, Dice dice) {
        return Math.log(times) / Math.log(2) + dice.bell(0.03);
    }

    private static double[] seen(double[] seconds, Dice dice) {
        double[] seen = new double[seconds.length];
        for (int k = 0; k < seen.length; k++) {
            seen[k] = seconds[k] < 2e-5 ? 0 : Math.max(1e-5, seconds[k] * (1 + dice.bell(0.003)) + dice.bell(8e-6));
        }
        return seen;
    }
}
