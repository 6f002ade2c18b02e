package ruvant.core.house;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Family;
import ruvant.core.trade.Owner;
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
 * @param limits what the house allows of speeds, for families where it differs from the trade
 * @param sheets what makers say of their models' speeds, one for each model
 * @param opticsGoes times that a glass is gone over before what is left is called permanent, 1 to 20; 4 where 0 is given
 * @param rates what time and waiting cost; the usual where none are given
 * @param stations what things wait in, and how many each holds; the usual ones where none are given
 */
public record HousePractice(
        School school,
        List<TrayShape> trays,
        int streakLength,
        double lookAlikeMm,
        List<String> people,
        String shopName,
        int guaranteeMonths,
        boolean ownerAgreesFirst,
        Map<Family, SpeedLimits> limits,
        List<ModelSheet> sheets,
        List<Station> stations,
        int opticsGoes,
        Rates rates) {
    private static final List<Station> USUAL_STATIONS =
            List.of(new Station("bath", 1), new Station("heat pad", 1, true), new Station("drying box", 4));

    private static final int USUAL_GOES = 4;

    private static final int MOST_TRAYS = 9;
    private static final int MOST_SHEETS = 5_000;

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
        limits = limits == null ? Map.of() : Map.copyOf(limits);
        sheets = Check.some("sheets", sheets, MOST_SHEETS);
        opticsGoes = opticsGoes == 0 ? USUAL_GOES : Check.count("opticsGoes", opticsGoes, 1, 20);
        rates = Check.or(rates, Rates.USUAL);
        stations = stations == null ? USUAL_STATIONS : Check.some("stations", stations, 20);
    }

    /** A station by its name. */
    public Optional<Station> station(String name) {
        return stations.stream()
                .filter(one -> one.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** What the maker says of a camera's speeds; empty where nobody has entered it. */
    public Optional<ModelSheet> sheetOf(Camera camera) {
        return sheetOf(camera.maker(), camera.model());
    }

    /** What the maker says of a model's speeds; empty where nobody has entered it. */
    public Optional<ModelSheet> sheetOf(String maker, String model) {
        return sheets.stream().filter(sheet -> sheet.isOf(maker, model)).findFirst();
    }

    /** The same with other makers' sheets. */
    public HousePractice withSheets(List<ModelSheet> others) {
        return new HousePractice(
                school,
                trays,
                streakLength,
                lookAlikeMm,
                people,
                shopName,
                guaranteeMonths,
                ownerAgreesFirst,
                limits,
                others,
                stations,
                opticsGoes,
                rates);
    }

    /** Whether this owner is to agree before what cannot be undone: the shop need not ask itself. */
    public boolean asksFirst(Owner owner) {
        return ownerAgreesFirst && !owner.shopsOwn();
    }

    /** What a new shop starts with. */
    public static HousePractice starting() {
        return new HousePractice(
                School.OIL,
                List.of(new TrayShape("", 4, 6)),
                36,
                1.0,
                List.of("Me"),
                "Our repair room",
                6,
                true,
                Map.of(),
                List.of(),
                USUAL_STATIONS,
                USUAL_GOES,
                Rates.USUAL);
    }
}
