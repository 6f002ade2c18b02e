package ruvant.core;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import ruvant.core.anatomy.Anatomy;
import ruvant.core.anatomy.BodyPlans;

/** How cameras are built, as it ships. */
public final class ShippedAnatomy {
    public static final Anatomy ANATOMY = read();
    public static final BodyPlans PLANS = new BodyPlans(ANATOMY);

    private ShippedAnatomy() {}

    private static Anatomy read() {
        try (InputStream in = Anatomy.class.getResourceAsStream("anatomy.json")) {
            return new ObjectMapper().readValue(in, Anatomy.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }
}
