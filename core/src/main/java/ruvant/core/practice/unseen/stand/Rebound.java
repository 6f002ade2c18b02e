package ruvant.core.practice.unseen.stand;

/**
 * Light that comes back once the shutter has closed, as a hump of one half wave squared, a second smaller one behind it.
 *
 * @param height as a part of the whole light, 0 for none
 * @param delay from the end of the closing to its beginning, seconds
 * @param width seconds
 * @param again height of the second one over the first
 */
record Rebound(double height, double delay, double width, double again) {
    static final Rebound NONE = new Rebound(0, 0, 1e-3, 0);

    double at(double sinceClosed) {
        if (height == 0) {
            return 0;
        }
        return height * (hump(sinceClosed - delay) + again * hump(sinceClosed - 2 * delay - width));
    }

    private double hump(double since) {
        if (since <= 0 || since >= width) {
            return 0;
        }
        double wave = Math.sin(Math.PI * since / width);
        return wave * wave;
    }

    double seconds() {
        return height == 0 ? 0 : 2 * (delay + width);
    }
}
