package ruvant.core;

import ruvant.core.proof.ProofBook;

/** The proofs that ship, for tests. */
public final class ShippedProofs {
    public static final ProofBook BOOK = ShippedData.of(ProofBook.class, "proofs.json");

    private ShippedProofs() {}
}
