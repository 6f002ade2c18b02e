package ruvant.core.accounts;

import ruvant.core.units.Labelled;

/** How money changed hands; the code is that of UN/CEFACT list 4461. */
public enum PaidHow implements Labelled {
    CASH("cash", "10"),
    CARD("card", "48"),
    TRANSFER("bank transfer", "58"),
    OTHER("other", "1");

    private final String label;
    private final String code;

    PaidHow(String label, String code) {
        this.label = label;
        this.code = code;
    }

    @Override
    public String label() {
        return label;
    }

    /** Its code in UN/CEFACT 4461. */
    public String code() {
        return code;
    }
}
