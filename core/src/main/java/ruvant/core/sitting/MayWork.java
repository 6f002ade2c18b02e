package ruvant.core.sitting;

import java.util.Optional;
import ruvant.core.trade.Stop;
import ruvant.core.units.Refusal;

/** Whether work may go on at a camera, as far as its owner is concerned. */
@FunctionalInterface
public interface MayWork {
    /** Why nobody may begin to work at a stop; empty where they may. */
    Optional<Refusal> refusal(Stop stop);
}
