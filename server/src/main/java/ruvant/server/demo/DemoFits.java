package ruvant.server.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.parts.PartsEntry;
import ruvant.core.trade.Camera;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.PartName;

/** Parts of other patterns that were tried over the months, each noted once when it went in. */
final class DemoFits {
    private record Try(String part, String fromPattern, FitOutcome outcome, String remark) {}

    private static final Map<String, List<Try>> BY_CAMERA = Map.of(
            "Twin 1st pattern",
            List.of(
                    new Try("speed ring", "2nd pattern", FitOutcome.AS_IS, ""),
                    new Try("retard pinion", "2nd pattern", FitOutcome.NOT, "one tooth more"),
                    new Try("speed ring", "2nd pattern", FitOutcome.AS_IS, ""),
                    new Try("speed ring", "2nd pattern", FitOutcome.AS_IS, "")),
            "Twin 2nd pattern",
            List.of(
                    new Try("focus rack", "3rd pattern", FitOutcome.AS_IS, ""),
                    new Try("speed ring", "3rd pattern", FitOutcome.WITH_WORK, "catching corner filed"),
                    new Try("focus rack", "3rd pattern", FitOutcome.AS_IS, ""),
                    new Try("focus rack", "1st pattern", FitOutcome.WITH_WORK, "two holes drawn")),
            "Twin 3rd pattern",
            List.of(
                    new Try("speed ring", "1st pattern", FitOutcome.NOT, "lug stands 2 mm off"),
                    new Try("speed ring", "2nd pattern", FitOutcome.AS_IS, ""),
                    new Try("speed ring", "1st pattern", FitOutcome.NOT, ""),
                    new Try("speed ring", "2nd pattern", FitOutcome.WITH_WORK, "eased by hand")),
            "Sixty late",
            List.of(
                    new Try("bellows", "early", FitOutcome.AS_IS, ""),
                    new Try("strut pin", "early", FitOutcome.AS_IS, "")));

    private final Map<String, Integer> told = new HashMap<>();

    /** One try at a camera, as long as there are some left to tell of its kind. */
    void tried(DemoBench bench, Camera camera) {
        String name = camera.model() + " " + camera.pattern();
        int next = told.merge(name, 1, Integer::sum) - 1;
        List<Try> tries = BY_CAMERA.getOrDefault(name, List.of());
        if (next < tries.size()) {
            Try one = tries.get(next);
            PartName part = PartName.of(one.part());
            CameraKind from = new CameraKind(camera.maker(), camera.model(), one.fromPattern());
            bench.add(
                    new PartsEntry.NeedOpened(part, part.text()),
                    new PartsEntry.Replaced(
                            part,
                            SourceKind.DONOR,
                            "donor " + from.words(),
                            one.fromPattern(),
                            true,
                            "",
                            null,
                            from,
                            "",
                            null,
                            null),
                    new PartsEntry.FitSeen(part, from, one.outcome(), one.remark()));
        }
    }
}
