package ruvant.server.access;

import org.springframework.security.access.AccessDeniedException;

/** Something that whoever is signed in may not do, in words, with what to do. */
public final class NotAllowedException extends AccessDeniedException {
    private final String code;
    private final String remedy;

    public NotAllowedException(String code, String message, String remedy) {
        super(message);
        this.code = code;
        this.remedy = remedy;
    }

    public String code() {
        return code;
    }

    /** What to do about it. */
    public String remedy() {
        return remedy;
    }
}
