package ruvant.core.intake;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.Named;

/** Which functions are worth a try before opening, by what kind of camera it is. */
public final class FunctionList {
    private FunctionList() {}

    /** A marked speed as a function. */
    public static Named speed(String speed) {
        return Named.of("Speed " + speed);
    }

    /** Functions in the order in which a hand finds them on the camera: each marked speed first, then the rest. */
    public static List<Named> of(IntakeEntry.Received received, TradeLists lists) {
        return Stream.concat(
                        received.speeds().stream().map(FunctionList::speed),
                        lists.functionsOf(received.camera().bodyType()).stream())
                .toList();
    }
}
