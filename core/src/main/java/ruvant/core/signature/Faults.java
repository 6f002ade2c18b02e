package ruvant.core.signature;

/** How shutters of one kind are made, and what each cause does to one. */
interface Faults {
    /** A healthy one, within what the works and the years leave. */
    Draw healthy(double[] nominal, Chance chance);

    /**
     * Works a cause into a shutter.
     *
     * @param part of its usual size, above 0; a second fault is milder
     */
    void work(ShutterCause cause, double part, Draw shutter, Chance chance);

    static Faults of(ShutterKind kind) {
        return switch (kind) {
            case LEAF -> new LeafFaults();
            case FOCAL_MECHANICAL -> new FocalFaults(true);
            case FOCAL_ELECTRONIC -> new FocalFaults(false);
        };
    }

    /** What every healthy shutter has: a common error and a little scatter. */
    static void usual(Draw shutter, Chance chance) {
        double common = chance.about(0, 0.06);
        double tilt = chance.about(0, 0.015);
        double scatter = chance.factor(0.03, 1.5);
        double down = chance.about(0, 0.015);
        double first = Math.abs(chance.about(0, 0.02));
        int speeds = shutter.nominal.length;
        for (int s = 0; s < speeds; s++) {
            shutter.longerEv[s] = common + tilt * (s - speeds / 2.0);
            shutter.scatterEv2[s] = scatter * scatter;
            shutter.hangs[s] = 0.004;
            shutter.drops[s] = 0.004;
            shutter.downEv[s] = down;
            shutter.firstEv[s] = first;
        }
    }

    /** Grease and dirt in a train: late by a part of the time the train takes, differing, worse held otherwise. */
    static void gum(Draw shutter, double[] share, double part, Chance chance) {
        double size = part * chance.factor(0.45, 2);
        double tilt = chance.about(0, 0.12);
        double scatter = size * chance.factor(0.3, 1.7);
        double down = size * chance.about(0.35, 0.3);
        double first = size * Math.abs(chance.about(0.2, 0.3));
        double hang = Math.min(0.5, part * chance.factor(0.06, 3));
        for (int s = 0; s < share.length; s++) {
            double late = size * Math.max(0.1, 1 + tilt * (Math.log(shutter.nominal[s]) / Math.log(2) + 3));
            double w = share[s];
            shutter.longerEv[s] += Math.log(1 + w * (Math.pow(2, late) - 1)) / Math.log(2);
            shutter.scatterEv2[s] += scatter * scatter * w * w;
            shutter.downEv[s] += down * w;
            shutter.firstEv[s] += first * w;
            shutter.hangs[s] += hang * w;
        }
    }

    /** A train that meshes otherwise: more or less of its way is run off, by a time or by a part of it. */
    static void mesh(Draw shutter, double[] share, double sizeEv, Chance chance) {
        double peak = Math.pow(2, -chance.even(2, 6));
        double toSlow = chance.even(0, 1.1);
        double toFast = chance.even(0, 0.9);
        for (int s = 0; s < share.length; s++) {
            double ratio = shutter.nominal[s] / peak;
            double shape = ratio > 1 ? Math.pow(ratio, -toSlow) : Math.pow(ratio, toFast);
            double ev = sizeEv * shape;
            double changed = Math.max(0.05, 1 + share[s] * (Math.pow(2, ev) - 1));
            shutter.longerEv[s] += Math.log(changed) / Math.log(2);
        }
    }
}
