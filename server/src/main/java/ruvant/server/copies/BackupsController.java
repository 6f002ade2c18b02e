package ruvant.server.copies;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;

/** Backups of the shop: how it stands with them, when they are made, and one right now. */
@RestController
@Needs(Right.HOUSE)
@RequestMapping(path = "/api/backups", produces = MediaType.APPLICATION_JSON_VALUE)
class BackupsController {
    private final Backups backups;

    BackupsController(Backups backups) {
        this.backups = backups;
    }

    @GetMapping
    Backups.BackupsNow standing() {
        return backups.standing();
    }

    @PutMapping("/plan")
    Backups.BackupsNow plan(@RequestBody BackupPlan plan) {
        backups.plan(plan);
        return backups.standing();
    }

    @PostMapping
    Backups.BackupsNow make() {
        backups.make();
        return backups.standing();
    }
}
