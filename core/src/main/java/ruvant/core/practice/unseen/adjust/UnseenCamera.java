package ruvant.core.practice.unseen.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A camera found out of tolerance, with what is told of its adjusters: in units of nobody's, and not all of it true. */
public final class UnseenCamera {
    private static final double WRONG_SIGN = 0.08;
    private static final double NO_SIGN = 0.1;

    private final Screw[] screws;
    private final double[] tolerances;
    private final double[] noises;
    private final double[] found;
    private final double[] seats;
    private final double[] first;
    private final Random noise;
    private final double best;
    private final int[] signs;
    private final double[][] told;
    private final List<double[]> turns = new ArrayList<>();
    private final List<double[]> measured = new ArrayList<>();

    /** @param adjusters 1 to 3 */
    public UnseenCamera(int adjusters, long seed) {
        Random random = new Random(seed * 0x9E3779B97F4A7C15L + adjusters * 0x632BE59BD9B4E019L);
        for (int warm = 0; warm < 8; warm++) {
            random.nextLong();
        }
        int results = Math.max(1, adjusters + random.nextInt(4) - (random.nextInt(5) == 0 ? 1 : 0));
        tolerances = new double[results];
        noises = new double[results];
        for (int j = 0; j < results; j++) {
            tolerances[j] = 0.05 * Math.pow(12, random.nextDouble());
            noises[j] = tolerances[j] * (0.05 + 0.3 * random.nextDouble());
        }
        screws = new Screw[adjusters];
        signs = new int[adjusters];
        told = new double[adjusters][results];
        double[] cure = new double[adjusters];
        seats = new double[adjusters];
        for (int i = 0; i < adjusters; i++) {
            screws[i] = Screw.drawn(tolerances, random);
            seats[i] = screws[i].play() * (random.nextDouble() - 0.5);
            cure[i] = screws[i].most() * 0.85 * (2 * random.nextDouble() - 1);
            tell(i, random);
        }
        first = seats.clone();
        noise = new Random(random.nextLong());
        double spread = random.nextInt(6) == 0 ? 1.5 : 0.3;
        found = new double[results];
        for (int j = 0; j < results; j++) {
            found[j] = spread * tolerances[j] * random.nextGaussian() - moved(j, cure) + moved(j, seats);
        }
        best = leastWorst(random);
        measure(new double[adjusters]);
    }

    private void tell(int screw, Random random) {
        double unit = Math.exp(6 * random.nextDouble() - 3);
        for (int j = 0; j < tolerances.length; j++) {
            told[screw][j] = unit * screws[screw].effects()[j] * Math.exp(0.3 * random.nextGaussian());
        }
        int strongest = 0;
        for (int j = 0; j < tolerances.length; j++) {
            if (Math.abs(told[screw][j] / tolerances[j]) > Math.abs(told[screw][strongest] / tolerances[strongest])) {
                strongest = j;
            }
        }
        int sign = told[screw][strongest] > 0 ? 1 : -1;
        for (int j = 0; j < tolerances.length; j++) {
            told[screw][j] *= sign;
        }
        double drawn = random.nextDouble();
        signs[screw] = drawn < NO_SIGN ? 0 : drawn < NO_SIGN + WRONG_SIGN ? -sign : sign;
    }

    private double moved(int result, double[] seats) {
        double sum = 0;
        for (int i = 0; i < screws.length; i++) {
            sum += screws[i].effects()[result] * screws[i].counted(seats[i]);
        }
        return sum;
    }

    private double worst(double[] there) {
        double worst = 0;
        for (int j = 0; j < tolerances.length; j++) {
            worst = Math.max(worst, Math.abs(found[j] + moved(j, there) - moved(j, first)) / tolerances[j]);
        }
        return worst;
    }

    /** The least worst error that any setting gives, come to from below, by search from many beginnings. */
    private double leastWorst(Random random) {
        double least = Double.POSITIVE_INFINITY;
        for (int start = 0; start < 30; start++) {
            double[] at = new double[screws.length];
            double[] stride = new double[screws.length];
            for (int i = 0; i < at.length; i++) {
                at[i] = start == 0
                        ? 0
                        : screws[i].step()
                                * Math.rint(screws[i].most() / screws[i].step() * (2 * random.nextDouble() - 1));
                stride[i] = screws[i].most() / 2;
            }
            double here = worst(seated(at));
            for (int round = 0; round < 400; round++) {
                double[] there = at.clone();
                for (int i = 0; i < at.length; i++) {
                    double wish = at[i] + stride[i] * random.nextGaussian();
                    there[i] = Math.clamp(
                            Math.rint(wish / screws[i].step()) * screws[i].step(), screws[i].least(), screws[i].most());
                }
                double costs = worst(seated(there));
                if (costs < here) {
                    here = costs;
                    at = there;
                } else if (round % 12 == 11) {
                    for (int i = 0; i < at.length; i++) {
                        stride[i] *= 0.8;
                    }
                }
            }
            least = Math.min(least, here);
        }
        return least;
    }

    private double[] seated(double[] turned) {
        double[] seated = new double[turned.length];
        for (int i = 0; i < turned.length; i++) {
            seated[i] = screws[i].seat(seats[i], turned[i]);
        }
        return seated;
    }

    private void measure(double[] to) {
        double[] seen = new double[tolerances.length];
        for (int j = 0; j < seen.length; j++) {
            double wild = noise.nextInt(20) == 0 ? 2.5 : 1;
            seen[j] = found[j] + moved(j, seats) - moved(j, first) + wild * noises[j] * noise.nextGaussian();
        }
        turns.add(to.clone());
        measured.add(seen);
    }

    /** Turns and measures: one cycle. */
    public void turnTo(double[] to) {
        for (int i = 0; i < screws.length; i++) {
            seats[i] = screws[i].seat(seats[i], to[i]);
        }
        measure(to);
    }

    public int adjusters() {
        return screws.length;
    }

    public double step(int adjuster) {
        return screws[adjuster].step();
    }

    public double least(int adjuster) {
        return screws[adjuster].least();
    }

    public double most(int adjuster) {
        return screws[adjuster].most();
    }

    /** Whether turning it in is said to make results larger, 1, smaller, -1, or nothing is said, 0. */
    public int sign(int adjuster) {
        return signs[adjuster];
    }

    /** What is said of its effects, in a unit of its own. */
    public double[] told(int adjuster) {
        return told[adjuster].clone();
    }

    public double[] tolerances() {
        return tolerances.clone();
    }

    public double[] noises() {
        return noises.clone();
    }

    /** Settings so far. */
    public List<double[]> turns() {
        return List.copyOf(turns);
    }

    public List<double[]> measured() {
        return List.copyOf(measured);
    }

    public int cycles() {
        return turns.size() - 1;
    }

    /** Whether all is truly within tolerance, or within a tenth of it from the best there is. */
    public boolean done() {
        return worst(seats) <= Math.max(1, best + 0.1);
    }

    public boolean reachable() {
        return best <= 1;
    }

    /** What one who knows every response would turn to: the bound. */
    public double[] knowing() {
        double[] seen = measured.getLast();
        double[] now = turns.getLast();
        double[] best = now.clone();
        double least = Double.POSITIVE_INFINITY;
        Random random = new Random(turns.size());
        for (int start = 0; start < 12; start++) {
            double[] at = now.clone();
            double stride = 1;
            double here = Double.POSITIVE_INFINITY;
            for (int round = 0; round < 250; round++) {
                double[] there = at.clone();
                for (int i = 0; i < at.length; i++) {
                    double wish = at[i] + stride * screws[i].most() * random.nextGaussian();
                    there[i] = Math.clamp(
                            Math.rint(wish / screws[i].step()) * screws[i].step(), screws[i].least(), screws[i].most());
                }
                double costs = 0;
                for (int j = 0; j < seen.length; j++) {
                    double error = seen[j];
                    for (int i = 0; i < at.length; i++) {
                        error += screws[i].effects()[j]
                                * (screws[i].counted(screws[i].seat(seats[i], there[i])) - screws[i].counted(seats[i]));
                    }
                    costs = Math.max(costs, Math.abs(error) / tolerances[j]);
                }
                if (costs < here) {
                    here = costs;
                    at = there;
                } else if (round % 10 == 9) {
                    stride *= 0.75;
                }
            }
            if (here < least) {
                least = here;
                best = at;
            }
        }
        return best;
    }
}
