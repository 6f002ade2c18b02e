package ruvant.server.benchmark;

import java.util.UUID;

/** A camera that comes in, as a window sends it. */
public final class Opening {
    private Opening() {}

    /** JSON for the door where jobs begin; another camera each time. */
    public static String json(String serial, String owner) {
        return """
                {"id":"%s","by":"Ada","received":{"kind":"received",
                 "camera":{"maker":"Pellworm","model":"Twin","pattern":"","serial":"%s","bodyType":"TLR","family":"LEAF_LENS"},
                 "owner":{"name":"%s","contact":"","shopsOwn":false},"lens":"","accessories":[],
                 "complaint":"Slow speeds drag","series":"DOUBLING","speeds":["1","1/60","1/500"]}}""".formatted(UUID.randomUUID(), serial, owner);
    }
}
