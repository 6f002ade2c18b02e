package ruvant.core.prove;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakePicture;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Phase;
import ruvant.core.units.Named;

/** What worked when the camera came in and was not tried again since the mechanism was last worked on. */
public final class NotTried {
    private NotTried() {}

    /** Names of these functions, in the order in which they were first asked for. */
    public static List<String> of(IntakePicture intake, ProvePicture prove) {
        Set<Named> timed = prove.ofTheCamera().counted().stream()
                .filter(run -> run.how().phase() == Phase.AFTER)
                .map(run -> FunctionList.speed(run.speed()))
                .collect(Collectors.toSet());
        return intake.functions().stream()
                .filter(one -> one.result() == FunctionResult.WORKS)
                .map(IntakePicture.FunctionState::function)
                .filter(function -> !prove.triedSinceWork().contains(function))
                .filter(function -> !timed.contains(function))
                .map(Named::words)
                .toList();
    }
}
