package ruvant.server.album;

/** A file that cannot be taken as a picture, and what to do instead. */
public final class BadPictureException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String remedy;

    public BadPictureException(String message, String remedy) {
        super(message);
        this.remedy = remedy;
    }

    public String remedy() {
        return remedy;
    }
}
