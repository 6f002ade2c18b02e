package ruvant.core.accounts;

import ruvant.core.units.Labelled;

/** Kinds of papers, each with numbers of its own. */
public enum PaperKind implements Labelled {
    QUOTE("quote", "Q"),
    ORDER("order", "O"),
    BILL("bill", "B"),
    RECEIPT("receipt", "P"),
    CREDIT("credit note", "C");

    private final String label;
    private final String letter;

    PaperKind(String label, String letter) {
        this.label = label;
        this.letter = letter;
    }

    @Override
    public String label() {
        return label;
    }

    /** The letter before its numbers. */
    public String letter() {
        return letter;
    }
}
