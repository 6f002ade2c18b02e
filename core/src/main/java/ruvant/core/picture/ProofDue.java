package ruvant.core.picture;

import java.util.List;
import java.util.Optional;
import ruvant.core.proof.FilmReading;
import ruvant.core.proof.ProofBook;
import ruvant.core.proof.ProofEntry;
import ruvant.core.units.Named;

/**
 * A proof that a camera needs, why, and how it stands.
 *
 * @param how it is made
 * @param criterion for its readings; empty where whoever makes it says whether it passed
 * @param because why it is needed; none for one that is only offered
 * @param readings since what it proves was last touched
 * @param film what the test film shows, where it is one and was developed
 */
public record ProofDue(
        Named proof,
        String how,
        Optional<ProofBook.Criterion> criterion,
        List<Because> because,
        State state,
        List<ProofEntry.ProofReading> readings,
        Optional<FilmReading> film) {
    /** The id of the test film. */
    public static final String FILM = "test-film";

    /** How it stands. */
    public enum State {
        /** Nothing was tried since it was touched. */
        OPEN,
        /** All is well so far, but it is not enough. */
        STARTED,
        PASSED,
        FAILED
    }

    /** Why a proof is needed. */
    public enum Why {
        OPENED,
        TREATED,
        REPLACED,
        ADJUSTED,
        ASKED
    }

    /** One reason. */
    public record Because(Why why, String what) {
        /** It in words. */
        public String words() {
            return switch (why) {
                case OPENED -> what + " was off";
                case TREATED -> what + " was worked on";
                case REPLACED -> what + " was replaced";
                case ADJUSTED -> what + " was turned";
                case ASKED -> "agreed: " + what;
            };
        }
    }

    /** Whether the camera is not ready to return without it. */
    public boolean required() {
        return !because.isEmpty();
    }
}
