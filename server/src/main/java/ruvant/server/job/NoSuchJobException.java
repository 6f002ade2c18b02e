package ruvant.server.job;

import ruvant.core.units.TagNumber;

/** There is no job under a tag. */
public class NoSuchJobException extends RuntimeException {
    public NoSuchJobException(TagNumber tag) {
        super("There is no camera with the tag " + tag + ".");
    }
}
