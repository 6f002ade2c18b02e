package ruvant.core.job;

import java.util.List;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * How this shop works.
 *
 * @param school how it oils
 * @param trayRows rows of the sorting tray, 1 to 12
 * @param trayColumns columns of the sorting tray, 1 to 12
 * @param streakLength good firings in a row that prove a shutter, 1 to 500
 * @param lookAlikeMm lengths closer than this are look-alikes, 0.1 to 5 mm
 * @param people who may sign, at least one
 * @param shopName printed at the head of the return sheet
 * @param guaranteeMonths printed on the return sheet, 0 to 120
 */
public record HousePractice(
        School school,
        int trayRows,
        int trayColumns,
        int streakLength,
        double lookAlikeMm,
        List<String> people,
        String shopName,
        int guaranteeMonths) {
    public HousePractice {
        Check.chosen("school", school);
        Check.count("trayRows", trayRows, 1, 12);
        Check.count("trayColumns", trayColumns, 1, 12);
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

    /** What a new shop starts with. */
    public static HousePractice starting() {
        return new HousePractice(School.OIL, 4, 6, 36, 1.0, List.of("Me"), "Our repair room", 6);
    }
}
