package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.Random;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.ModificationKind;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Stop;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Money;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.album.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.said.LogLines;

/** Two cameras that want the same part, of which what lies there does not serve both alike. */
final class DemoNeeding extends DemoCounter {
    DemoNeeding(JobService jobs, LogLines lines, ShopService shop, PictureStore pictures, Random random, Instant now) {
        super(jobs, lines, shop, pictures, random, now);
    }

    /** The cameras, in the order they came in. */
    record Needing(TagNumber first, TagNumber third) {}

    Needing tell() {
        return new Needing(crackedFirst(), knockedThird());
    }

    private TagNumber crackedFirst() {
        DemoBench bench = bench("Teo B.", Duration.ofDays(6));
        bench.receive(camera(
                        DemoCameras.TWIN,
                        "1st pattern",
                        "204933",
                        customer("Bao Linh Tran", "mail"),
                        "Dropped; the speeds jump between settings.",
                        inDays(9),
                        "case"))
                .functions(FunctionResult.DOUBTFUL, "Speed 1/30", "Speed 1/60")
                .add(new IntakeEntry.ScopeAdded("speeds hold their place"))
                .pass(60 * 22)
                .sit(Stop.STRIP)
                .type(
                        "off lower leather panel, front, glue, covers",
                        "off front plate, front, 4 slot 1.7x4, well A1, mark notch at red line",
                        "off speed ring, front, set at 1/125, 1 detent ball, well A2",
                        "cause speed ring cracked at its lug, bright line under the loupe")
                .add(new PartsEntry.NeedOpened(PartName.of("speed ring"), "cracked at its lug"))
                .up();
        return bench.tag();
    }

    private TagNumber knockedThird() {
        DemoBench bench = bench("Ines K.", Duration.ofDays(3));
        bench.receive(camera(
                        DemoCameras.TWIN,
                        "3rd pattern",
                        "418007",
                        new Owner("Oluwaseun Bello", "mail", false, null, new Money(32_000, "EUR")),
                        "Slow speeds all alike, and something rattles.",
                        inDays(14),
                        "strap"))
                .functions(FunctionResult.FAILS, "Speed 1", "Speed 1/2", "Speed 1/4")
                .add(new IntakeEntry.ScopeAdded("slow speeds"))
                .pass(60 * 20)
                .sit(Stop.STRIP)
                .type(
                        "off front plate, front, 4 slot 1.7x4, well A1, mark notch at red line",
                        "off speed ring, front, set at 1/125, 1 detent ball, well A2",
                        "off retard train, front, 2 slot 1.4x3, well A3, mark slot at dot cocked, beware spring",
                        "cause teeth of the retard pinion sheared, three teeth lay in the case")
                .add(
                        new PartsEntry.NeedOpened(PartName.of("speed ring"), "lug bent, breaks when straightened"),
                        new PartsEntry.NeedOpened(PartName.of("retard pinion"), "three teeth gone"),
                        new TreatEntry.Modified(
                                PartName.of("speed cam plate"),
                                ModificationKind.FILED,
                                "catching corner",
                                "not past the scribed line",
                                0.5,
                                0.2,
                                "still catches at 1/8",
                                "by telephone, the day before yesterday",
                                ""),
                        new TreatEntry.Modified(
                                PartName.of("speed cam plate"),
                                ModificationKind.FILED,
                                "catching corner",
                                "",
                                null,
                                0.1,
                                "clears all speeds",
                                "",
                                ""))
                .up();
        return bench.tag();
    }
}
