package ruvant.server;

import org.junit.jupiter.api.BeforeEach;

/** Tests that speak to a whole running Ruvant; they share one, with a file that was empty when the first of them began. */
public abstract class OverHttp {
    private static final Started RUVANT = Started.on(Started.folder());

    protected final int port = RUVANT.port();
    protected Shop shop;

    /** A part of the house. */
    protected static <T> T part(Class<T> type) {
        return RUVANT.part(type);
    }

    @BeforeEach
    void open() {
        shop = new Shop(port);
    }
}
