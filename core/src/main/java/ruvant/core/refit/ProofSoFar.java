package ruvant.core.refit;

/** What the camera itself has shown since it was last worked on. */
public interface ProofSoFar {
    /** Nothing yet. */
    ProofSoFar NONE = new ProofSoFar() {
        @Override
        public int inARow() {
            return 0;
        }

        @Override
        public int fired() {
            return 0;
        }

        @Override
        public boolean withinTolerance(String speed) {
            return false;
        }
    };

    /** Good firings in a row. */
    int inARow();

    /** All firings. */
    int fired();

    /** Whether a marked speed was measured and is surely within its tolerance. */
    boolean withinTolerance(String speed);
}
