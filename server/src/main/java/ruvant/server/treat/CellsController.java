package ruvant.server.treat;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.treat.MeterCells;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;

/** Which cell to put in where the meter's own is no longer made. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class CellsController {
    private final ShopService shop;

    CellsController(ShopService shop) {
        this.shop = shop;
    }

    /**
     * What each cell would do, that with the least error left first.
     *
     * @param circuit bridge, needle, or measured with two readings of the same light
     */
    @GetMapping("/meter-cells")
    List<MeterCells.CellOutlook> cells(
            @RequestParam(defaultValue = "1.35") double madeFor,
            @RequestParam(defaultValue = "needle") String circuit,
            @RequestParam(required = false) @MayBeNull Double volts,
            @RequestParam(required = false) @MayBeNull Double readingEv,
            @RequestParam(required = false) @MayBeNull Double otherVolts,
            @RequestParam(required = false) @MayBeNull Double otherReadingEv) {
        return MeterCells.outlooks(
                madeFor,
                switch (circuit) {
                    case "bridge" -> MeterCells.Circuit.BRIDGE;
                    case "needle" -> MeterCells.Circuit.NEEDLE;
                    case "measured" -> {
                        if (volts == null || readingEv == null || otherVolts == null || otherReadingEv == null) {
                            throw new FieldProblem(
                                    "volts",
                                    "Enter two readings of the same light at two voltages.",
                                    "Enter both voltages and both readings.");
                        }
                        yield MeterCells.Circuit.measured(volts, readingEv, otherVolts, otherReadingEv);
                    }
                    default ->
                        throw new FieldProblem(
                                "circuit",
                                "“" + circuit + "” is not a kind of meter circuit.",
                                "Choose bridge, needle or measured.");
                },
                shop.shop().lists().cells());
    }
}
