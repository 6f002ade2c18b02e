package ruvant.server.parts;

import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.knowledge.PartsList;
import ruvant.core.parts.BreakOrMend;
import ruvant.core.people.Right;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.units.FieldProblem;
import ruvant.server.access.Needs;
import ruvant.server.knowledge.LearnedModels;
import ruvant.server.shelf.ShelfService;

/** Cameras kept for their parts. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/shelf", produces = MediaType.APPLICATION_JSON_VALUE)
class DonorsController {
    private final ShelfService shelf;
    private final PartsDesk desk;
    private final LearnedModels learned;

    DonorsController(ShelfService shelf, PartsDesk desk, LearnedModels learned) {
        this.shelf = shelf;
        this.desk = desk;
        this.learned = learned;
    }

    /** A donor with what is best done with it. */
    record DonorRow(ShelfPicture.DonorHeld held, String words, long left, BreakOrMend.Figures figures) {}

    @GetMapping("/donors")
    List<DonorRow> donors() {
        BreakOrMend breakOrMend = desk.breakOrMend(desk.interchange());
        return shelf.picture().donors().stream()
                .map(donor -> row(donor, breakOrMend))
                .toList();
    }

    @GetMapping("/donors/{id}")
    DonorRow donor(@PathVariable UUID id) {
        ShelfPicture.DonorHeld donor = shelf.picture()
                .donor(id)
                .orElseThrow(
                        () -> new FieldProblem("donor", "There is no such donor.", "Check the list under Donors."));
        return row(donor, desk.breakOrMend(desk.interchange()));
    }

    private static DonorRow row(ShelfPicture.DonorHeld donor, BreakOrMend breakOrMend) {
        return new DonorRow(donor, donor.body().words(), donor.left(), breakOrMend.of(donor));
    }

    /** A parts list for a model, by what came off its cameras here. */
    @GetMapping("/parts-of")
    List<BodyPart> partsOf(@RequestParam String maker, @RequestParam String model) {
        return PartsList.of(learned.of(maker, model));
    }
}
