package ruvant.core.treat;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.trade.ModificationKind;
import ruvant.core.units.PartName;

class ModificationsTest {
    private final Logs logs = Logs.camera();

    private static TreatEntry.Modified go(Double limit, Double taken, String result, String pastReason) {
        return new TreatEntry.Modified(
                PartName.of("speed ring"),
                ModificationKind.FILED,
                "catching corner",
                limit == null ? "" : "not past the scribed line",
                limit,
                taken,
                result,
                "by telephone",
                pastReason);
    }

    @Test
    void goesAddUpToTheLineAndNotPastIt() {
        logs.add(go(0.5, 0.2, "still catches", ""));
        logs.add(go(null, 0.25, "clears at 1/125", ""));

        assertThat(logs.refusal(go(null, 0.1, "", "")))
                .get()
                .satisfies(refusal -> assertThat(refusal.message())
                        .contains("removing 0.55 mm in all", "limit of 0.5 mm", "0.45 mm is already removed"))
                .satisfies(refusal -> assertThat(refusal.remedy()).startsWith("Remove at most 0.05 mm"));
        logs.add(go(null, 0.05, "runs free", ""));

        assertThat(Modifications.of(logs.picture().treat().modified()))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.passes()).isEqualTo(3);
                    assertThat(one.leftMm()).get().isEqualTo(0.0);
                    assertThat(one.words())
                            .isEqualTo("speed ring, catching corner: filed by 0.5 mm of at most 0.5 mm,"
                                    + " not past the scribed line, in 3 passes; runs free");
                });
    }

    @Test
    void whoWentPastSaysWhy() {
        logs.add(go(0.5, 0.6, "", "the line was scribed too high"));
        assertThat(Modifications.of(logs.picture().treat().modified())
                        .getFirst()
                        .takenMm())
                .isEqualTo(0.6);
    }

    @Test
    void anotherCornerIsAnotherModification() {
        logs.add(go(0.5, 0.5, "", ""));
        logs.add(new TreatEntry.Modified(
                PartName.of("speed ring"), ModificationKind.FILED, "other corner", "", null, 0.3, "", "by post", ""));
        logs.add(new TreatEntry.Modified(
                PartName.of("sync contact"),
                ModificationKind.BRIDGED,
                "wire across",
                "",
                null,
                null,
                "",
                "by post",
                ""));

        assertThat(Modifications.of(logs.picture().treat().modified()))
                .extracting(Modifications.Modification::words)
                .containsExactly(
                        "speed ring, catching corner: filed by 0.5 mm of at most 0.5 mm, not past the scribed line",
                        "speed ring, other corner: filed by 0.3 mm",
                        "sync contact, wire across: bridged");
    }
}
