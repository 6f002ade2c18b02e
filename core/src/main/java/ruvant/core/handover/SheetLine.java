package ruvant.core.handover;

import java.util.List;

/**
 * One line of a sheet for the owner, before it is said in the owner's language.
 *
 * @param says which text of the owner's texts it is
 * @param with what stands in its places: names and remarks as they were logged
 */
public record SheetLine(Says says, List<String> with) {
    /** A line with what stands in its places. */
    public static SheetLine of(Says says, String... with) {
        return new SheetLine(says, List.of(with));
    }

    /** A line that is said as it was typed. */
    public static SheetLine typed(String words) {
        return of(Says.TYPED, words);
    }
}
