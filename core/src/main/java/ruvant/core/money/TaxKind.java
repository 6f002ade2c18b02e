package ruvant.core.money;

import ruvant.core.units.Labelled;

/** What a tax rate is by law; each has its letter in the European list of duty categories (UNCL 5305). */
public enum TaxKind implements Labelled {
    /** Taxed at its rate. */
    STANDARD("taxed", "S"),
    /** Taxed at nothing. */
    ZERO("zero rated", "Z"),
    /** Free of tax for a reason that must be told, such as a small business. */
    EXEMPT("exempt", "E"),
    /** No tax applies to it at all. */
    OUTSIDE("not subject to tax", "O");

    private final String label;
    private final String code;

    TaxKind(String label, String code) {
        this.label = label;
        this.code = code;
    }

    @Override
    public String label() {
        return label;
    }

    /** Its letter in UNCL 5305. */
    public String code() {
        return code;
    }
}
