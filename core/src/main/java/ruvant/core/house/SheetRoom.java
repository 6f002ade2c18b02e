package ruvant.core.house;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.Refusal;

/** What makers say of their models. */
public final class SheetRoom implements Room<SheetEntry> {
    @Override
    public Class<SheetEntry> entries() {
        return SheetEntry.class;
    }

    @Override
    public RoomFold<SheetEntry> begin(Folds earlier) {
        return new Fold();
    }

    /** @throws ruvant.core.units.FieldProblem where a speed is none that a dial could have */
    @Override
    public Optional<Refusal> rule(SheetEntry entry, Standing now) {
        return switch (entry) {
            case SheetEntry.SheetKept kept -> {
                kept.sheet()
                        .meansSeconds()
                        .keySet()
                        .forEach(speed -> MarkedSpeed.nominalSeconds(speed, SpeedSeries.AS_MARKED));
                yield Optional.empty();
            }
            case SheetEntry.SheetTakenBack back -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(SheetEntry entry) {
        return switch (entry) {
            case SheetEntry.SheetKept kept -> List.of();
            case SheetEntry.SheetTakenBack back -> List.of();
        };
    }

    @Override
    public List<String> replaces(SheetEntry entry) {
        return switch (entry) {
            case SheetEntry.SheetKept kept ->
                List.of(subject(kept.sheet().maker(), kept.sheet().model()));
            case SheetEntry.SheetTakenBack back -> List.of(subject(back.maker(), back.model()));
        };
    }

    private static String subject(String maker, String model) {
        return ("sheet of " + maker + " " + model).toLowerCase(Locale.ROOT);
    }

    @Override
    public String words(SheetEntry entry, Names names) {
        return switch (entry) {
            case SheetEntry.SheetKept kept ->
                "maker's specification for " + kept.sheet().maker() + " "
                        + kept.sheet().model() + ": " + kept.sheet().source();
            case SheetEntry.SheetTakenBack back ->
                "maker's specification removed: " + back.maker() + " " + back.model();
        };
    }

    /** Folds sheets: the last of each model holds. */
    public static final class Fold implements RoomFold<SheetEntry> {
        private final List<ModelSheet> sheets = new ArrayList<>();

        @Override
        public Optional<Refusal> objection(Line line, SheetEntry entry) {
            return switch (entry) {
                case SheetEntry.SheetKept kept -> Optional.empty();
                case SheetEntry.SheetTakenBack back ->
                    sheets.stream().anyMatch(one -> one.isOf(back.maker(), back.model()))
                            ? Optional.empty()
                            : Optional.of(new Refusal(
                                    "sheetUnknown",
                                    "There is no maker's specification for " + back.maker() + " " + back.model() + ".",
                                    "There is nothing to remove."));
            };
        }

        @Override
        public void take(Line line, SheetEntry entry) {
            switch (entry) {
                case SheetEntry.SheetKept kept -> {
                    drop(kept.sheet().maker(), kept.sheet().model());
                    sheets.add(kept.sheet());
                }
                case SheetEntry.SheetTakenBack back -> drop(back.maker(), back.model());
            }
        }

        private void drop(String maker, String model) {
            sheets.removeIf(one -> one.isOf(maker, model));
        }

        /** One for each model of which something is known. */
        public List<ModelSheet> sheets() {
            return List.copyOf(sheets);
        }
    }
}
