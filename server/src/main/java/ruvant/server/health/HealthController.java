package ruvant.server.health;

import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;

/** Says what is damaged. */
@RestController
@Needs(value = Right.LOOK, ofNoJob = true)
@RequestMapping(path = "/api/health", produces = MediaType.APPLICATION_JSON_VALUE)
class HealthController {
    private final FindingStore findings;
    private final Clock clock;

    HealthController(FindingStore findings, Clock clock) {
        this.findings = findings;
        this.clock = clock;
    }

    /** What is to be known of the shop's file. */
    record HealthView(List<DamageFound> findings) {}

    @GetMapping
    HealthView health() {
        return new HealthView(findings.open());
    }

    /** Somebody has taken note of a finding. */
    @Needs(
            value = {},
            oneOf = {Right.BENCH, Right.DESK, Right.HOUSE})
    @PostMapping("/findings/{id}/noted")
    HealthView noted(@PathVariable long id) {
        findings.noted(id, clock.instant());
        return health();
    }
}
