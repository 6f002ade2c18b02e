package ruvant.core.proof;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Family;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;
import ruvant.core.units.Labelled;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;

/**
 * Which proofs there are, when a camera needs each, and what a fault of a frame is likely to come from. It ships as data.
 *
 * @param frames by fault of a frame: what it comes from, the likeliest first
 */
public record ProofBook(int version, List<Kind> kinds, Map<FrameFault, List<FrameCause>> frames) {
    /** No proofs beside speeds, firings in a row and functions. */
    public static final ProofBook EMPTY = new ProofBook(1, List.of(), Map.of());

    public ProofBook {
        kinds = List.copyOf(kinds);
        frames = Map.copyOf(frames);
        if (kinds.stream().map(Kind::id).distinct().count() < kinds.size()) {
            throw new FieldProblem("kinds", "Two proofs have the same id.", "Give each its own.");
        }
    }

    /**
     * What figures must be for a proof to be passed.
     *
     * @param unit of the readings, such as "EV"
     * @param at what each is tried at, such as "Light, EV"; empty where it is not tried at anything
     * @param relative whether what counts is the reading less what it was tried at
     * @param low the least that passes
     * @param high the most that passes
     * @param least so many readings make the proof, 1 to 100
     * @param apart so far apart must what they were tried at lie; 0 for no matter
     */
    public record Criterion(
            String unit, String at, boolean relative, double low, double high, int least, double apart) {
        public Criterion {
            Check.count("least", least, 1, 100);
            Check.within("high", high, low, 1e6, unit);
            at = at == null ? "" : at;
        }

        /** What counts of a reading. */
        public double of(ProofEntry.ProofReading reading) {
            return relative && reading.at() != null ? reading.value() - reading.at() : reading.value();
        }

        /** Whether it is within what passes. */
        public boolean passes(ProofEntry.ProofReading reading) {
            double value = of(reading);
            return value >= low && value <= high;
        }
    }

    /**
     * One proof.
     *
     * @param how it is made, in a line
     * @param criterion for its readings; null where whoever makes it says whether it passed
     * @param bodies on which it can be needed; none for all
     * @param families on which it can be needed; none for all
     * @param parts words in the names of parts that only such cameras have: where one of them was touched, it is needed
     * @param near words in the names of parts next to them: where one of them was touched, it is needed if the camera is known to
     *     have one of the functions
     * @param functions ids of functions that it proves; none for what every such camera has
     * @param asked words in what was agreed to be done that ask for it
     */
    public record Kind(
            String id,
            String label,
            String how,
            @MayBeNull Criterion criterion,
            List<BodyType> bodies,
            List<Family> families,
            List<String> parts,
            List<String> near,
            List<String> functions,
            List<String> asked)
            implements Identified, Labelled {
        public Kind {
            bodies = List.copyOf(bodies);
            families = List.copyOf(families);
            parts = small(parts);
            near = small(near);
            functions = List.copyOf(functions);
            asked = small(asked);
        }

        private static List<String> small(List<String> words) {
            return words.stream().map(one -> one.toLowerCase(Locale.ROOT)).toList();
        }

        /** Its id, with its words beside it. */
        public Named named() {
            return new Named(id, label);
        }

        /** Whether such a camera can need it. */
        public boolean on(BodyType body, Family family) {
            return (bodies.isEmpty() || bodies.contains(body)) && (families.isEmpty() || families.contains(family));
        }

        /** Whether a name has one of the words of its parts in it, as whole words. */
        public boolean speaksOf(String name) {
            return has(name, parts);
        }

        /** Whether a name has one of the words of parts near by in it. */
        public boolean isNear(String name) {
            return has(name, near);
        }

        /** Whether what was agreed asks for it. */
        public boolean askedBy(String scope) {
            return has(scope, asked);
        }

        /** Read once: every part of a job is held against every word. */
        private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");

        private static boolean has(String text, List<String> words) {
            String padded = padded(text);
            return words.stream().anyMatch(word -> padded.contains(padded(word)));
        }

        private static String padded(String text) {
            return BETWEEN_WORDS
                    .splitAsStream(text.toLowerCase(Locale.ROOT))
                    .filter(one -> !one.isEmpty())
                    .collect(Collectors.joining(" ", " ", " "));
        }
    }

    /**
     * Something that a fault of a frame comes from.
     *
     * @param spread how such faults lie on the film when they come from it
     */
    public record FrameCause(String id, String label, Spread spread) implements Identified, Labelled {}

    /** How the faulty frames lie on a film. */
    public enum Spread {
        /** Nearly all frames. */
        ALL,
        /** Some, here and there. */
        SOME,
        /** From some frame on to the end, or from the first to some frame. */
        ONE_END,
        /** Only frames taken at the same speeds. */
        ONE_SPEED,
        /** It may lie any way. */
        ANY
    }

    /** The proof of this id. */
    public Optional<Kind> kind(String id) {
        return ById.find(kinds, id);
    }
}
