package ruvant.core.intake;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.trade.BodyType;
import ruvant.core.units.Named;

/** Which functions are worth a try before opening, by what kind of camera it is. */
public final class FunctionList {
    private FunctionList() {}

    /** A marked speed as a function. */
    public static Named speed(String speed) {
        return Named.of("Speed " + speed);
    }

    /** Functions in the order in which a hand finds them on the camera: each marked speed first, then the rest. */
    public static List<Named> of(IntakeEntry.Received received) {
        List<String> functions = new ArrayList<>();
        received.speeds().forEach(speed -> functions.add(speed(speed).words()));
        functions.add("B");
        if (received.camera().bodyType() != BodyType.LENS) {
            functions.addAll(List.of("Advance", "Counter", "Back and latch"));
        }
        functions.addAll(List.of("Cocking", "Self-timer", "Aperture", "Focus", "Flash contact"));
        switch (received.camera().bodyType()) {
            case SLR -> functions.addAll(List.of("Mirror", "Focusing screen", "Rewind", "Meter", "Battery check"));
            case TLR -> functions.addAll(List.of("Viewing lens", "Finder hood"));
            case RIGID -> functions.addAll(List.of("Rangefinder", "Rewind", "Meter"));
            case FOLDING -> functions.addAll(List.of("Struts and bed", "Bellows", "Body release"));
            case MODULAR -> functions.addAll(List.of("Magazine", "Dark slide", "Mirror"));
            case SUBMINIATURE -> functions.add("Film gate");
            case BOX -> functions.add("Finder");
            case LENS -> functions.add("Mount");
        }
        return functions.stream().map(Named::of).toList();
    }
}
