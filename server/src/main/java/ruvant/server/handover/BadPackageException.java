package ruvant.server.handover;

/** A package cannot be taken in; nothing of it is stored. */
public class BadPackageException extends RuntimeException {
    private final String remedy;

    BadPackageException(String message, String remedy) {
        super(message);
        this.remedy = remedy;
    }

    public String remedy() {
        return remedy;
    }
}
