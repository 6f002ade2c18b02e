package ruvant.core.handover;

/** What a line of a sheet for the owner says; each language has one text for each. */
public enum Says {
    ADJUSTED,
    AGREED_DONE,
    BECAUSE,
    CAUSE,
    CHANGED_AGREED,
    CLEANED,
    EARLIER_REPAIR,
    FILM,
    FOUND,
    FUNCTION,
    LEFT_OUT,
    LUBRICATED,
    MENDED,
    MISSING_ON_ARRIVAL,
    OUTSIDE,
    PROOF_PASSED,
    REPLACED,
    ROOT_CAUSE,
    SEEN,
    STREAK,
    SURPLUS,
    TYPED;

    /** Its name as the texts have it, such as "earlierRepair". */
    public String key() {
        StringBuilder key = new StringBuilder();
        boolean capital = false;
        for (char letter : name().toCharArray()) {
            if (letter == '_') {
                capital = true;
            } else {
                key.append(capital ? letter : Character.toLowerCase(letter));
                capital = false;
            }
        }
        return key.toString();
    }
}
