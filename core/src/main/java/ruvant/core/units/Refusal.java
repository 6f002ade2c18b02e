package ruvant.core.units;

/**
 * Why something cannot be taken as things stand; nothing is wrong with how it was written.
 *
 * @param code short fixed name of the rule, for tests and screens
 * @param message what stands against it, naming parts and times
 * @param remedy what to do instead
 */
public record Refusal(String code, String message, String remedy) {}
