package ruvant.server.storage;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Path;

/** Why Ruvant cannot work with a data folder, in one sentence, with what to do. */
public final class CannotStartException extends RuntimeException {
    private final String remedy;

    public CannotStartException(String message, String remedy) {
        super(message);
        this.remedy = remedy;
    }

    /** What to do about it. */
    public String remedy() {
        return remedy;
    }

    /** For a folder that cannot be worked in. */
    static CannotStartException of(Path folder, IOException problem) {
        return StorageTrouble.of(problem)
                .map(trouble -> new CannotStartException(
                        "The data folder " + folder.toAbsolutePath() + " cannot be used: " + trouble.what(),
                        trouble.remedy()))
                .orElseGet(() -> new CannotStartException(
                        "The data folder " + folder.toAbsolutePath() + " cannot be used"
                                + (problem instanceof AccessDeniedException
                                        ? ": it may not be written to."
                                        : ": " + problem.getMessage() + "."),
                        "Check that the folder exists and that you may write in it, or choose another with --data."));
    }
}
