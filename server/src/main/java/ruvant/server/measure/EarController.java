package ruvant.server.measure;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.measure.Ear;
import ruvant.core.measure.GuessedError;
import ruvant.core.people.Right;
import ruvant.core.prove.SpeedRow;
import ruvant.core.trade.Phase;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.prove.EarStore;

/** How far each person's ear can be trusted. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class EarController {
    private final EarStore ears;
    private final ShopService shop;
    private final JobService jobs;

    EarController(EarStore ears, ShopService shop, JobService jobs) {
        this.jobs = jobs;
        this.ears = ears;
        this.shop = shop;
    }

    /** A person's ear over time, oldest guess first. */
    record PersonsEar(String person, Ear ear, List<EarStore.HeardGuess> heard) {}

    /** What a guess means, stops. */
    record Meant(double errorEv) {}

    @GetMapping("/ears")
    List<PersonsEar> ears() {
        return Stream.concat(shop.shop().practice().people().stream(), ears.people().stream())
                .distinct()
                .map(this::of)
                .toList();
    }

    private PersonsEar of(String person) {
        List<EarStore.HeardGuess> heard = ears.of(person);
        return new PersonsEar(
                person,
                Ear.of(heard.stream()
                        .map(one -> new Ear.Pair(one.guessedEv(), one.measuredEv()))
                        .toList()),
                heard);
    }

    /**
     * What an ear found at a speed that no instrument has timed since: the guess with the ear's bias taken off.
     *
     * @param widthEv half of the 95 % interval
     * @param compared guesses of that person that were measured before
     */
    record EarFinding(
            String speed, Phase phase, String by, String said, double errorEv, double widthEv, int compared) {}

    /** The newest guess at each speed that has not been timed since. */
    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}/ear-findings")
    List<EarFinding> findings(@PathVariable String tag) {
        return jobs.picture(TagNumber.parse(tag)).speeds().stream()
                .flatMap(row -> row.guesses().stream()
                        .limit(1)
                        .filter(guess -> guess.measuredEv().isEmpty())
                        .map(guess -> finding(row.speed(), guess)))
                .toList();
    }

    private EarFinding finding(String speed, SpeedRow.Guessed guess) {
        Ear ear = of(guess.by()).ear();
        return new EarFinding(
                speed,
                guess.phase(),
                guess.by(),
                guess.said(),
                guess.errorEv() - ear.biasEv(),
                ear.widthEv(),
                ear.compared());
    }

    @GetMapping("/guess-by-ear")
    Meant guess(@RequestParam String typed) {
        return new Meant(GuessedError.ev(typed));
    }
}
