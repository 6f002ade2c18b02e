package ruvant.core.strip;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;

/** Guesses from a part's name whether it lies over what is under it. Always shown, and changed with one key. */
public final class Covering {
    private static final Set<String> WORDS = Set.of(
            "plate",
            "cover",
            "housing",
            "leather",
            "leatherette",
            "covering",
            "top",
            "bottom",
            "panel",
            "hood",
            "cap",
            "shell",
            "bezel",
            "faceplate",
            "shroud",
            "lid",
            "casing",
            "nameplate",
            "escutcheon",
            "retaining",
            "trim");
    private static final Set<String> NEVER =
            Set.of("screw", "knob", "lever", "spring", "gear", "train", "wire", "cell", "lens");

    private Covering() {}

    /** Whether a part of this name usually covers. */
    public static boolean likely(String partName) {
        Set<String> words =
                Set.copyOf(Arrays.asList(partName.toLowerCase(Locale.ROOT).split("[^a-z]+")).stream()
                        .distinct()
                        .toList());
        return words.stream().anyMatch(WORDS::contains) && words.stream().noneMatch(NEVER::contains);
    }
}
