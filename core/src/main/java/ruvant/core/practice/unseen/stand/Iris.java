package ruvant.core.practice.unseen.stand;

/**
 * Blades between the lenses. Their angle goes with a power of time, the light through them with the square of a sine of the
 * angle, so that the ramps bend the more the lazier the blades are.
 *
 * @param runs seconds from shut to wide open, and back
 * @param bends powers of time of both runs
 * @param reach how far they open, 0 to 1
 * @param holds seconds wide open
 */
record Iris(double[] runs, double[] bends, double reach, double holds, Rebound back) implements Opening {
    private static final int STEPS = 4_000;

    /** Blades that let through a wanted exposure; too short a one turns them back on their way. */
    static Iris exposing(double seconds, double[] runs, double[] bends, Rebound back) {
        Iris whole = new Iris(runs, bends, 1, 0, back);
        double ramps = whole.exposureSeconds(0);
        if (ramps <= seconds) {
            return new Iris(runs, bends, 1, seconds - ramps, back);
        }
        double low = 0;
        double high = 1;
        for (int k = 0; k < 50; k++) {
            double middle = (low + high) / 2;
            if (new Iris(runs, bends, middle, 0, back).exposureSeconds(0) < seconds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return new Iris(runs, bends, high, 0, back);
    }

    private double opens() {
        return runs[0] * Math.pow(reach, 1 / bends[0]);
    }

    private double closes() {
        return runs[1] * Math.pow(reach, 1 / bends[1]);
    }

    @Override
    public double light(int sensor, double seconds) {
        double shut = opens() + holds + closes();
        if (seconds < 0) {
            return 0;
        }
        if (seconds >= shut) {
            return back.at(seconds - shut);
        }
        double up = Math.pow(seconds / runs[0], bends[0]);
        double down = Math.pow((shut - seconds) / runs[1], bends[1]);
        double wave = Math.sin(Math.PI / 2 * Math.min(reach, Math.min(up, down)));
        return wave * wave;
    }

    @Override
    public double exposureSeconds(int sensor) {
        double sum = 0;
        double up = opens() / STEPS;
        double down = closes() / STEPS;
        for (int k = 0; k < STEPS; k++) {
            sum += up * light(sensor, (k + 0.5) * up);
            sum += down * light(sensor, opens() + holds + (k + 0.5) * down);
        }
        return sum + holds * peak(sensor);
    }

    @Override
    public double peak(int sensor) {
        double wave = Math.sin(Math.PI / 2 * reach);
        return wave * wave;
    }

    @Override
    public double rebound() {
        return back.height();
    }

    @Override
    public double endSeconds() {
        return opens() + holds + closes() + back.seconds();
    }
}
