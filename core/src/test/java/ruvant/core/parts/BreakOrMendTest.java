package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruvant.core.shelf.ShelfLog.FIRST;
import static ruvant.core.shelf.ShelfLog.need;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.house.Rates;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.DonorBody;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfLog;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Family;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

class BreakOrMendTest {
    private static final Instant NOW = Instant.parse("2026-03-02T09:00:00Z");
    private static final Rates RATES = new Rates(6_000, 300, 10_000, 120);

    private static DonorBody body(long asIs, long mended, double chance) {
        return new DonorBody(
                FIRST,
                Family.LEAF_UNIT,
                "",
                "",
                "board",
                "",
                asIs,
                mended,
                chance,
                60,
                500,
                30,
                List.of(new BodyPart("pinion", 4_000, 20), new BodyPart("lens cap", 200, 10)));
    }

    private static NeedRecord wanted(long daysAgo, CameraKind into, boolean open) {
        return new NeedRecord(
                new TagNumber(7), PartName.of("pinion"), "", into, NOW.minus(Duration.ofDays(daysAgo)), open);
    }

    private static BreakOrMend.Figures figures(ShelfLog shelf, UUID donor, List<NeedRecord> needs) {
        ShelfPicture.DonorHeld held = shelf.picture().donor(donor).orElseThrow();
        return new BreakOrMend(needs, new Interchange(List.of()), RATES, NOW).of(held);
    }

    private static BreakOrMend.Figures figures(DonorBody body, List<NeedRecord> needs) {
        ShelfLog shelf = new ShelfLog();
        return figures(shelf, shelf.add(new ShelfEntry.DonorShelved(body)), needs);
    }

    @Test
    void threeWaysWithTheirSums() {
        BreakOrMend.Figures figures = figures(body(2_000, 12_000, 0.75), List.of());

        assertThat(figures.asIsMinor()).isEqualTo(2_000);
        // 0.75 × 120.00 + 0.25 × 10.00 − an hour − what is bought
        assertThat(figures.mendedMinor()).isEqualTo(9_000 + 250 - 6_000 - 500);
        assertThat(figures.best()).isEqualTo(BreakOrMend.Best.MEND);
        assertThat(figures(body(5_000, 12_000, 0.75), List.of()).best()).isEqualTo(BreakOrMend.Best.AS_IT_IS);
    }

    @Test
    void aPartEarnsByHowOftenItWasWantedAndIsCertainWhereItIsWantedNow() {
        List<NeedRecord> seldom = List.of(wanted(365 * 4, FIRST, false));
        List<NeedRecord> often = new ArrayList<>();
        for (int n = 0; n < 8; n++) {
            often.add(wanted(365 * 4 - 100L * n, FIRST, false));
        }
        BreakOrMend.PartOutlook rare = figures(body(0, 0, 0), seldom).outlooks().getFirst();
        BreakOrMend.PartOutlook usual = figures(body(0, 0, 0), often).outlooks().getFirst();

        // (0.9 fits + 0.3) in (4 + 3) years, over two years
        assertThat(rare.chance()).isCloseTo(1 - Math.exp(-2 * 1.2 / (1460 / 365.25 + 3)), within(1e-9));
        assertThat(usual.chance()).isGreaterThan(rare.chance());
        BreakOrMend.PartOutlook now = figures(body(0, 0, 0), List.of(wanted(2, FIRST, true)))
                .outlooks()
                .getFirst();
        assertThat(now.chance()).isEqualTo(1);
        // 0.8 × 40.00 − 20 minutes
        assertThat(now.netMinor()).isEqualTo(1_200);
        assertThat(figures(body(0, 0, 0), List.of(wanted(2, FIRST, true)))
                        .outlooks()
                        .getLast()
                        .netMinor())
                .as("not worth its minutes")
                .isZero();
    }

    @Test
    void aNeedOfACameraThatItHardlyFitsCountsForLittle() {
        List<NeedRecord> elsewhere = List.of(wanted(2, new CameraKind("Quillon", "35", ""), true));
        BreakOrMend.PartOutlook pinion =
                figures(body(0, 0, 0), elsewhere).outlooks().getFirst();

        assertThat(pinion.wanted()).isCloseTo(1.0 / 6, within(1e-9));
        assertThat(pinion.openNow()).isZero();
    }

    @Test
    void theFirstPartTakenCostsWhatTheBodyWasWorth() {
        ShelfLog shelf = new ShelfLog();
        UUID donor = shelf.add(new ShelfEntry.DonorShelved(body(5_000, 0, 0)));
        long rest = figures(shelf, donor, List.of()).outlooks().stream()
                .mapToLong(BreakOrMend.PartOutlook::netMinor)
                .sum();
        assertThat(figures(shelf, donor, List.of()).openingLossMinor()).isEqualTo(3_000 + 5_000 - rest);

        shelf.add(new ShelfEntry.Taken(new Thing(donor, "pinion"), need(61, "pinion"), 1));
        BreakOrMend.Figures after = figures(shelf, donor, List.of());
        assertThat(after.best()).isEqualTo(BreakOrMend.Best.BROKEN_ALREADY);
        assertThat(after.openingLossMinor()).isZero();
        assertThat(after.outlooks()).extracting(BreakOrMend.PartOutlook::part).containsExactly("lens cap");
    }
}
