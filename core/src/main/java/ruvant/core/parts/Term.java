package ruvant.core.parts;

/**
 * One term of a sum, as it is shown.
 *
 * @param what in words
 * @param minor what it adds, minor units of money; below 0 where it takes away
 */
public record Term(String what, long minor) {
    static long sum(java.util.List<Term> terms) {
        return terms.stream().mapToLong(Term::minor).sum();
    }
}
