package ruvant.server.demo;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import ruvant.core.offer.IfNot;
import ruvant.core.offer.OfferEntry;
import ruvant.core.offer.OptionKind;
import ruvant.core.offer.OptionPart;
import ruvant.core.offer.OptionStep;
import ruvant.core.offer.RepairOption;
import ruvant.core.offer.SaidHow;
import ruvant.core.offer.StepMinutes;
import ruvant.core.trade.Stop;

/**
 * Sheets of options as the people of the demo shop draw them up. They are hopeful: opening and putting back take longer here than
 * they say, which is what their own history is to teach them. Chances are drawn apart from those of the jobs themselves.
 */
final class DemoOptions {
    private static final long HOUR_MINOR = 4_800;
    private static final long ROUND_MINOR = 1_000;

    private final Random random;

    DemoOptions(long seed) {
        this.random = new Random(seed);
    }

    /** A small and a full repair beside leaving it, as they were estimated. */
    OfferEntry.OptionsDrawn sheet(String complaint) {
        List<OptionStep> small = new ArrayList<>(List.of(
                step(Stop.STRIP, "Open it", 22, 100),
                step(Stop.CLEAN, "Cure: " + complaint, 22, 80 + random.nextInt(16)),
                step(Stop.REFIT, "Put it back together", 32, 100),
                step(Stop.PROVE, "Prove it", 26, 100)));
        List<OptionStep> full = new ArrayList<>(small);
        full.add(2, step(Stop.OIL, "Clean, oil and adjust throughout", 60, 100));
        long worth = 9_000 + 500L * random.nextInt(20);
        return new OfferEntry.OptionsDrawn(
                List.of(
                        new RepairOption(
                                "leave",
                                OptionKind.LEAVE,
                                OptionKind.LEAVE.label(),
                                List.of(OptionStep.sure(Stop.RETURN, "Return it", StepMinutes.estimated(3, 5, 10))),
                                List.of(),
                                null),
                        new RepairOption(
                                "minimal", OptionKind.MINIMAL, OptionKind.MINIMAL.label(), small, List.of(), worth),
                        new RepairOption(
                                "full",
                                OptionKind.FULL,
                                OptionKind.FULL.label(),
                                full,
                                List.of(new OptionPart("Light seals", 1, 1_200, 100, 0)),
                                worth + 3_000)),
                "",
                2_500L,
                1_500L,
                "EUR");
    }

    private OptionStep step(Stop stop, String words, int likely, int chance) {
        int said = likely + random.nextInt(9) - 4;
        String name = words.length() > 110 ? words.substring(0, 110) : words;
        return new OptionStep(
                stop, name, "", StepMinutes.estimated(said * 7 / 10, said, said * 15 / 10), chance, IfNot.STOPS);
    }

    /** The small one is agreed to, with something to spare. */
    OfferEntry.OptionAgreed agreed(OfferEntry.OptionsDrawn sheet, java.time.Instant at) {
        long minutes = sheet.options().get(1).steps().stream()
                .mapToLong(one -> one.minutes().high())
                .sum();
        long limit = (minutes * HOUR_MINOR / 60 + ROUND_MINOR) / ROUND_MINOR * ROUND_MINOR * 2;
        return agreed(limit, at);
    }

    /** The small one is agreed to, up to a limit. */
    OfferEntry.OptionAgreed agreed(long limitMinor, java.time.Instant at) {
        SaidHow how = SaidHow.values()[random.nextInt(SaidHow.values().length)];
        LocalDate day = at.atZone(ZoneOffset.UTC).toLocalDate();
        return new OfferEntry.OptionAgreed(
                null, "minimal", OptionKind.MINIMAL.label(), limitMinor, "EUR", how, "", day, "");
    }

    /** Whether a repair comes to nothing: a part cannot be had, or the cure does not hold. */
    boolean fails() {
        return random.nextInt(9) == 0;
    }

    /** Minutes more or less. */
    int minutes(int most) {
        return random.nextInt(most);
    }
}
