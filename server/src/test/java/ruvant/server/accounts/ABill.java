package ruvant.server.accounts;

import java.util.UUID;

/** What a window sends to sell something. */
public final class ABill {
    public static final String TAXES = """
            {"kind":"taxesSet","taxes":{"rates":[{"id":"vat","name":"VAT","kind":"STANDARD","hundredths":2300,"reason":""}],
             "usual":"vat","included":true,"stepMinor":1}}""";
    public static final String SELLER = """
            {"kind":"sellerSet","seller":{"party":{"name":"Harbour Repair Room","street":"Quay 4","postcode":"H4","town":"Brackwater",
             "country":"IE","taxNumber":"IE0000001X","email":""},"phone":"","account":"IE29 0000 0000","bank":"","footer":""}}""";

    private ABill() {}

    /** A draft of a kind with one piece at a price. */
    public static String draft(String kind, String job, long minor, String refersTo) {
        return """
                {"kind":"%s","job":%s,"about":"Pellworm Twin","buyer":{"name":"נועה Tsao","street":"","postcode":"","town":"","country":"IE",
                 "taxNumber":"","email":""},"lines":[{"words":"Overhaul","quantity":"1","measure":"PIECE","price":"%d.%02d",
                 "discount":"","tax":"vat"}],"discount":"","refersTo":%s,"note":""}""".formatted(kind, quoted(job), minor / 100, minor % 100, quoted(refersTo));
    }

    /** Sending it out. */
    public static String issuing(UUID id, String draft, long seenMinor) {
        return "{\"by\":\"Ada\",\"id\":\"%s\",\"draft\":%s,\"seenMinor\":%d}".formatted(id, draft, seenMinor);
    }

    private static String quoted(String text) {
        return text == null ? "null" : "\"" + text + "\"";
    }
}
