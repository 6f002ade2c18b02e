package ruvant.core.intake;

import java.util.Optional;
import ruvant.core.house.HousePractice;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** What cannot be undone is the owner's to agree to, where the shop keeps to that; its own cameras are its own. */
public final class OwnersWord {
    private OwnersWord() {}

    /**
     * Why something irreversible may not be done yet.
     *
     * @param agreed how the owner agreed; empty where nothing is said of it
     * @param what is to be done
     */
    public static Optional<Refusal> missing(Standing now, String agreed, String what) {
        boolean asksFirst = now.of(IntakePicture.class)
                .received()
                .filter(in -> now.of(HousePractice.class).asksFirst(in.owner()))
                .isPresent();
        return agreed.isEmpty() && asksFirst
                ? Optional.of(new Refusal(
                        "ownerNotAsked",
                        "The owner's agreement to “" + what + "” is missing, and it cannot be undone.",
                        "Ask the owner first, then say how they agreed: “by telephone, on Tuesday”."))
                : Optional.empty();
    }
}
