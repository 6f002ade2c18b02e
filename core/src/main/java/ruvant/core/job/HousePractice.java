package ruvant.core.job;

import java.util.List;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * How this shop works.
 *
 * @param school how it oils
 * @param trays the sorting trays, 1 to 9, told by their place in this list
 * @param streakLength good firings in a row that prove a shutter, 1 to 500
 * @param lookAlikeMm lengths closer than this are look-alikes, 0.1 to 5 mm
 * @param people who may sign, at least one
 * @param shopName printed at the head of the return sheet
 * @param guaranteeMonths printed on the return sheet, 0 to 120
 * @param ownerAgreesFirst whether what cannot be undone waits until the owner has agreed to it
 */
public record HousePractice(
        School school,
        List<TrayShape> trays,
        int streakLength,
        double lookAlikeMm,
        List<String> people,
        String shopName,
        int guaranteeMonths,
        boolean ownerAgreesFirst) {
    private static final int MOST_TRAYS = 9;

    public HousePractice {
        Check.chosen("school", school);
        trays = Check.some("trays", trays, MOST_TRAYS);
        if (trays.isEmpty()) {
            throw new FieldProblem("trays", "There is no tray to lay pieces in.", "Keep at least one.");
        }
        Check.count("streakLength", streakLength, 1, 500);
        Check.within("lookAlikeMm", lookAlikeMm, 0.1, 5, "mm");
        people = Check.some("people", people, 40).stream()
                .map(one -> Check.name("person", one))
                .distinct()
                .toList();
        if (people.isEmpty()) {
            throw new FieldProblem("people", "Nobody is named who could sign.", "Name at least one person.");
        }
        shopName = Check.name("shopName", shopName);
        Check.count("guaranteeMonths", guaranteeMonths, 0, 120);
    }

    /** Whether this owner is to agree before what cannot be undone: the shop need not ask itself. */
    public boolean asksFirst(IntakeEntry.Owner owner) {
        return ownerAgreesFirst && !owner.shopsOwn();
    }

    /** What a new shop starts with. */
    public static HousePractice starting() {
        return new HousePractice(
                School.OIL, List.of(new TrayShape("", 4, 6)), 36, 1.0, List.of("Me"), "Our repair room", 6, true);
    }
}
