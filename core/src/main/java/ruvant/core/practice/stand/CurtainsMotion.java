package ruvant.core.practice.stand;

import java.util.List;

/**
 * Two curtains that follow each other over the gate, each gaining or losing speed on the way.
 *
 * @param gateMm length of the gate along the travel
 * @param positionsMm of the diodes, from where the curtains come
 * @param widthsMm of the diodes along the travel
 * @param leading how the leading curtain runs
 * @param trailing how the trailing one runs
 * @param delaySeconds from the start of the leading one to that of the trailing one
 * @param rebound by how much light comes back at each diode after the trailing curtain, as part of the plateau
 * @param reboundAfterSeconds from the trailing edge to the rebound
 * @param reboundSeconds how long that lasts
 */
public record CurtainsMotion(
        double gateMm,
        List<Double> positionsMm,
        List<Double> widthsMm,
        Run leading,
        Run trailing,
        double delaySeconds,
        double rebound,
        double reboundAfterSeconds,
        double reboundSeconds)
        implements Motion {
    /**
     * How one curtain runs.
     *
     * @param travelSeconds over the whole gate
     * @param gain by how much faster it is at the end than at the start, as a part; 0 for even speed, above -1
     */
    public record Run(double travelSeconds, double gain) {
        /** When it has reached a place, as a part of the gate; before and behind the gate it goes on as it ran. */
        double reaches(double place) {
            // s = t·v0 + g·v0·t²/(2·T) with s(T) = 1 gives v0·T = 1/(1 + g/2)
            double start = 1 / (1 + gain / 2);
            double curve = gain * start / 2;
            double part = Math.abs(curve) < 1e-9
                    ? place / start
                    : (-start + Math.sqrt(Math.max(0, start * start + 4 * curve * place))) / (2 * curve);
            return part * travelSeconds;
        }

        double placeAt(double seconds) {
            double start = 1 / (1 + gain / 2);
            double part = seconds / travelSeconds;
            if (part < 0) {
                return start * part;
            }
            // a curtain that loses speed stops, it does not come back
            double moving = gain < 0 ? Math.min(part, -1 / gain) : part;
            return start * moving + gain * start / 2 * moving * moving;
        }
    }

    @Override
    public double transmission(int sensor, double seconds) {
        double low = (positionsMm.get(sensor) - widthsMm.get(sensor) / 2) / gateMm;
        double width = widthsMm.get(sensor) / gateMm;
        double front = Math.clamp((leading.placeAt(seconds) - low) / width, 0, 1);
        double rear = Math.clamp((trailing.placeAt(seconds - delaySeconds) - low) / width, 0, 1);
        double light = Math.max(0, front - rear);
        double since = seconds - closeSeconds(sensor) - reboundAfterSeconds;
        if (rebound > 0 && since > 0 && since < reboundSeconds) {
            light += rebound * Math.sin(Math.PI * since / reboundSeconds);
        }
        return light;
    }

    @Override
    public double endSeconds() {
        double last = delaySeconds + trailing.reaches(1.1);
        return Math.max(last, leading.reaches(1.1)) + reboundAfterSeconds + reboundSeconds;
    }

    @Override
    public double openSeconds(int sensor) {
        return leading.reaches(positionsMm.get(sensor) / gateMm);
    }

    @Override
    public double closeSeconds(int sensor) {
        return delaySeconds + trailing.reaches(positionsMm.get(sensor) / gateMm);
    }

    /** The true exposure at a place of the gate, seconds. */
    public double exposureAt(double placeMm) {
        return delaySeconds + trailing.reaches(placeMm / gateMm) - leading.reaches(placeMm / gateMm);
    }
}
