package ruvant.core.house;

import java.util.List;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.Check;
import ruvant.core.units.Labelled;

/**
 * A shutter stand of the shop.
 *
 * @param name what it is called here
 * @param instrument written beside what it measures
 * @param lamp what shines on it
 * @param setup its sensors and input
 */
public record Stand(String name, String instrument, Lamp lamp, StandSetup setup) {
    /** What shines on a stand. */
    public enum Lamp implements Labelled {
        STEADY("battery or direct current"),
        MAINS("on the mains");

        private final String label;

        Lamp(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public Stand {
        name = Check.name("stand", name);
        instrument = Check.optionalName("instrument", instrument);
        lamp = Check.or(lamp, Lamp.STEADY);
        Check.chosen("setup", setup);
    }

    /** What a new shop starts with. */
    public static List<Stand> starting() {
        StandSetup three = StandSetup.focalPlane(
                36, List.of(new StandSetup.Sensor(2, 1), new StandSetup.Sensor(18, 1), new StandSetup.Sensor(34, 1)));
        return List.of(
                new Stand("One diode", "diode on the sound input", Lamp.STEADY, StandSetup.leaf()),
                new Stand("Three diodes", "three diodes along the gate", Lamp.STEADY, three),
                new Stand("Microphone", "microphone", Lamp.STEADY, StandSetup.sound()));
    }
}
