package ruvant.core.house;

import java.util.List;
import ruvant.core.log.Entry;
import ruvant.core.trade.Family;
import ruvant.core.units.Check;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;

/** How this shop works from now on: each setting by itself, so that two people can change two of them at once. */
public sealed interface HouseEntry extends Entry {
    /** How points are oiled. */
    record SchoolChosen(School school) implements HouseEntry {
        public SchoolChosen {
            Check.chosen("school", school);
        }
    }

    /**
     * The sorting trays of the shop.
     *
     * @param trays 1 to 9, told by their place in this list
     */
    record TraysSet(List<TrayShape> trays) implements HouseEntry {
        private static final int MOST = 9;

        public TraysSet {
            trays = Check.some("trays", trays, MOST);
            if (trays.isEmpty()) {
                throw new FieldProblem("trays", "There is no tray.", "Keep at least one.");
            }
        }
    }

    /** Good firings in a row that prove a shutter, 1 to 500. */
    record StreakSet(int length) implements HouseEntry {
        public StreakSet {
            Check.count("streakLength", length, 1, 500);
        }
    }

    /** Lengths closer than this are look-alikes, 0.1 to 5 mm. */
    record LookAlikesSet(double withinMm) implements HouseEntry {
        public LookAlikesSet {
            Check.within("lookAlikeMm", withinMm, 0.1, 5, "mm");
        }
    }

    /** Who may sign, at least one. */
    record PeopleSet(List<String> people) implements HouseEntry {
        private static final int MOST = 40;

        public PeopleSet {
            people = Check.some("people", people, MOST).stream()
                    .map(one -> Check.name("person", one))
                    .distinct()
                    .toList();
            if (people.isEmpty()) {
                throw new FieldProblem("people", "Nobody can sign.", "Enter at least one person.");
            }
        }
    }

    /**
     * What stands at the head and foot of the return sheet.
     *
     * @param guaranteeMonths 0 to 120
     */
    record SheetHeadSet(String shopName, int guaranteeMonths) implements HouseEntry {
        public SheetHeadSet {
            shopName = Check.name("shopName", shopName);
            Check.count("guaranteeMonths", guaranteeMonths, 0, 120);
        }
    }

    /** Whether what cannot be undone waits until the owner has agreed to it. */
    record OwnerAskedFirstSet(boolean asked) implements HouseEntry {}

    /**
     * What the house allows of the speeds of a family.
     *
     * @param limits null for what the trade allows
     */
    record LimitsSet(Family family, @MayBeNull SpeedLimits limits) implements HouseEntry {
        public LimitsSet {
            Check.chosen("family", family);
        }
    }

    /** What things wait in, and how many each holds. */
    record StationsSet(List<Station> stations) implements HouseEntry {
        private static final int MOST = 20;

        public StationsSet {
            stations = Check.some("stations", stations, MOST);
        }
    }

    /** Times that a glass is gone over before what is left is called permanent, 1 to 20. */
    record GlassPassesSet(int most) implements HouseEntry {
        public GlassPassesSet {
            Check.count("glassPasses", most, 1, 20);
        }
    }

    /** What time and waiting cost. */
    record RatesSet(Rates rates) implements HouseEntry {
        public RatesSet {
            Check.chosen("rates", rates);
        }
    }

    /** In which currency the shop reckons, and how it writes amounts. Amounts entered
     * before stay the same count of the smallest unit: 40.00 EUR becomes 4,000 JPY. Nothing is converted. */
    record CurrencyChosen(CurrencyHere money) implements HouseEntry {
        public CurrencyChosen {
            Check.chosen("currency", money);
        }
    }

    /** The shutter stands of the shop. */
    record StandsSet(List<Stand> stands) implements HouseEntry {
        private static final int MOST = 12;

        public StandsSet {
            stands = Check.some("stands", stands, MOST);
            if (stands.isEmpty()) {
                throw new FieldProblem("stands", "There is no stand.", "Keep at least one.");
            }
            if (stands.stream().map(Stand::name).distinct().count() < stands.size()) {
                throw new FieldProblem("stand", "Two stands have the same name.", "Give each its own name.");
            }
        }
    }
}
