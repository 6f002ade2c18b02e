package ruvant.core.house;

import java.util.List;
import java.util.Optional;
import ruvant.core.trade.Owner;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * How this shop works.
 *
 * @param school how it oils
 * @param trays the sorting trays, 1 to 9, told by their place in this list
 * @param people who may sign, at least one
 * @param stations what things wait in, and how many each holds
 */
public record HousePractice(
        School school,
        List<TrayShape> trays,
        List<String> people,
        List<Station> stations,
        SheetHead head,
        Standards standards,
        SpeedsAllowed speeds,
        Reckoning reckoning) {
    private static final int MOST_TRAYS = 9;

    public HousePractice {
        Check.chosen("school", school);
        trays = Check.some("trays", trays, MOST_TRAYS);
        if (trays.isEmpty()) {
            throw new FieldProblem("trays", "There is no tray.", "Keep at least one.");
        }
        people = Check.some("people", people, 40).stream()
                .map(one -> Check.name("person", one))
                .distinct()
                .toList();
        if (people.isEmpty()) {
            throw new FieldProblem("people", "Nobody can sign.", "Enter at least one person.");
        }
        stations = Check.some("stations", stations, 20);
    }

    /** A station by its name. */
    public Optional<Station> station(String name) {
        return stations.stream()
                .filter(one -> one.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** The same with other limits and makers' sheets. */
    public HousePractice with(SpeedsAllowed others) {
        return new HousePractice(school, trays, people, stations, head, standards, others, reckoning);
    }

    /** Whether this owner is to agree before what cannot be undone: the shop need not ask itself. */
    public boolean asksFirst(Owner owner) {
        return standards.ownerAgreesFirst() && !owner.shopsOwn();
    }

    /** What a new shop starts with. */
    public static HousePractice starting() {
        return new HousePractice(
                School.OIL,
                List.of(new TrayShape("", 4, 6)),
                List.of("Me"),
                List.of(new Station("bath", 1), new Station("heat pad", 1, true), new Station("drying box", 4)),
                new SheetHead("Our repair room", 6),
                new Standards(36, 1.0, 4, true),
                SpeedsAllowed.USUAL,
                Reckoning.USUAL);
    }
}
