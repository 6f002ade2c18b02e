package ruvant.core;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import ruvant.core.proof.ProofBook;

/** The proofs that ship, for tests. */
public final class ShippedProofs {
    public static final ProofBook BOOK = read();

    private ShippedProofs() {}

    private static ProofBook read() {
        try (InputStream in = ProofBook.class.getResourceAsStream("proofs.json")) {
            return new ObjectMapper().readValue(in, ProofBook.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }
}
