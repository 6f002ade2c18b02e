package ruvant.core.units;

/** How far two words are apart in slips of the keyboard. */
public final class Typing {
    private Typing() {}

    /** Letters left out, added, changed, or two neighbours changed over. */
    public static int distance(String one, String other) {
        int[][] far = new int[one.length() + 1][other.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            far[i][0] = i;
        }
        for (int j = 0; j <= other.length(); j++) {
            far[0][j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            for (int j = 1; j <= other.length(); j++) {
                int same = one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1;
                far[i][j] = Math.min(Math.min(far[i - 1][j] + 1, far[i][j - 1] + 1), far[i - 1][j - 1] + same);
                if (i > 1
                        && j > 1
                        && one.charAt(i - 1) == other.charAt(j - 2)
                        && one.charAt(i - 2) == other.charAt(j - 1)) {
                    far[i][j] = Math.min(far[i][j], far[i - 2][j - 2] + 1);
                }
            }
        }
        return far[one.length()][other.length()];
    }
}
