/**
 * Shutters worked out from forces, masses and teeth, firing by firing, with hidden faults: what they do is not drawn from
 * what Ruvant knows about faults, so that its judgement can be tried on them.
 */
package ruvant.core.practice.mechanism;
