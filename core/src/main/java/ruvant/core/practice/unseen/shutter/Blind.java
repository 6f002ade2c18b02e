package ruvant.core.practice.unseen.shutter;

/**
 * One curtain on its spring. Its way is counted in gates; forces in those of a sound spring at the start.
 *
 * @param soundSeconds over the gate while nothing is wrong
 * @param force of the spring
 * @param falls part of the force that is gone at the end
 * @param runUp way before the gate
 * @param friction that every curtain has
 * @param air drag that grows with speed
 * @param fault what drags besides
 */
record Blind(double soundSeconds, double force, double falls, double runUp, double friction, double air, Drag fault) {
    private static final int PLACES = 20;

    /**
     * Drag that should not be there.
     *
     * @param even everywhere
     * @param oily that grows with speed
     * @param patch at one place only, from {@code patchAt} over {@code patchWide}
     * @param differs from firing to firing, spread of its logarithm
     * @param down times as much with the lens down
     * @param rested times as much after a rest
     */
    record Drag(
            double even,
            double oily,
            double patch,
            double patchAt,
            double patchWide,
            double differs,
            double down,
            double rested) {
        static final Drag NONE = new Drag(0, 0, 0, 0, 0, 0, 1, 1);
    }

    /** When it passes the beginning of the gate, each twentieth of it and its end, in seconds from its release. */
    double[] run(Dice dice, Shot shot) {
        double felt =
                dice.times(fault.differs) * (shot.lensDown() ? fault.down : 1) * (shot.rested() ? fault.rested : 1);
        double[] sound = passing(1, 0);
        double[] real = passing(force, felt);
        double unit = soundSeconds / (sound[PLACES] - sound[0]);
        for (int i = 0; i <= PLACES; i++) {
            real[i] *= unit;
        }
        return real;
    }

    /** Small steps of time, in units of its own. */
    private double[] passing(double pull, double felt) {
        double[] passed = new double[PLACES + 1];
        double step = 0.004;
        double place = -runUp;
        double speed = 0;
        int next = 0;
        for (double time = 0; next <= PLACES; time += step) {
            boolean inPatch = place >= fault.patchAt && place < fault.patchAt + fault.patchWide;
            double held = friction + felt * (fault.even + (inPatch ? fault.patch : 0));
            double drive = pull * (1 - falls * Math.max(0, place)) - held - (air + felt * fault.oily) * speed;
            // one that would stand still creeps on: the pull is not taken off it
            speed = Math.max(0.06, speed + drive * step);
            double before = place;
            place += speed * step;
            while (next <= PLACES && place >= (double) next / PLACES) {
                passed[next] = time + step * ((double) next / PLACES - before) / (place - before);
                next++;
            }
        }
        return passed;
    }

    static double when(double[] passed, double place) {
        double where = Math.clamp(place, 0, 1) * PLACES;
        int low = Math.min(PLACES - 1, (int) where);
        return passed[low] + (where - low) * (passed[low + 1] - passed[low]);
    }
}
