package ruvant.server.measure;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.job.Stand;
import ruvant.core.practice.stand.StandInShutter;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.server.house.SettingStore;

/** The shop's stands: which sensors, which lamp, which input. */
@RestController
@RequestMapping(path = "/api/stands", produces = MediaType.APPLICATION_JSON_VALUE)
class StandsController {
    private static final String STANDS = "stands";
    private static final int MOST = 12;

    private final SettingStore settings;
    private final ObjectMapper json;

    StandsController(SettingStore settings, ObjectMapper json) {
        this.settings = settings;
        this.json = json;
    }

    /** The stands, and how the stand-in behaves unless it is told otherwise. */
    record Stands(List<Stand> stands, StandInShutter standIn) {}

    @GetMapping
    Stands stands() throws JsonProcessingException {
        var stored = settings.get(STANDS);
        List<Stand> stands =
                stored.isPresent() ? List.of(json.readValue(stored.get(), Stand[].class)) : Stand.starting();
        return new Stands(stands, StandInShutter.usual());
    }

    @PutMapping
    Stands change(@RequestBody List<Stand> stands) throws JsonProcessingException {
        List<Stand> kept = Check.some("stands", stands, MOST);
        if (kept.isEmpty()) {
            throw new FieldProblem("stands", "There is no stand to measure with.", "Keep at least one.");
        }
        if (kept.stream().map(Stand::name).distinct().count() < kept.size()) {
            throw new FieldProblem("stand", "Two stands have the same name.", "Give each its own.");
        }
        settings.put(STANDS, json.writeValueAsString(kept));
        return stands();
    }
}
