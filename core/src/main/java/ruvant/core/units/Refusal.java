package ruvant.core.units;

import java.util.Optional;

/**
 * Why something cannot be taken as things stand; nothing is wrong with how it was written.
 *
 * @param code short fixed name of the rule, for tests and screens
 * @param message what stands against it, naming parts and times
 * @param remedy what to do instead
 */
public record Refusal(String code, String message, String remedy) {
    /**
     * What stands against something that is refused when it is tried; empty where it can be.
     *
     * @param tried what may throw a {@link FieldProblem}; it changes nothing
     */
    public static Optional<Refusal> trying(String code, Runnable tried) {
        try {
            tried.run();
            return Optional.empty();
        } catch (FieldProblem problem) {
            return Optional.of(new Refusal(code, problem.getMessage(), problem.remedy()));
        }
    }
}
