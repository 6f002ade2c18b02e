package ruvant.server.people;

import ruvant.server.Started;

/** What tests need to know of how people come in. */
public final class Signers {
    private Signers() {}

    /** The code that the start printed. */
    public static String code(Started started) {
        return started.part(FirstCode.class).code();
    }
}
