package ruvant.server.find;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.FaultMap;
import ruvant.core.picture.JobPicture;
import ruvant.core.signature.PatternOfJob;
import ruvant.core.signature.Signatures;
import ruvant.core.trade.Phase;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.job.JobService;

/** What speeds say about the mechanism, of a job or without one. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class SignatureController {
    private static final String EXAMPLE = """
            {"family":"leaf","speeds":[
             {"marked":"1","nominalSeconds":1,"errorEv":[[0.62,0.81,0.55,0.9,0.7]],"lensDownErrorEv":[1.1,1.2],"firstAfterRest":true},
             {"marked":"1/15","nominalSeconds":0.0625,"errorEv":[[0.5,0.41,0.66,0.48,0.52]]},
             {"marked":"1/250","nominalSeconds":0.00390625,"errorEv":[[0.02,0.05,0.01,0.03,0.04]]}]}""";

    private final JobService jobs;

    /** A pattern takes up to a quarter of a second to work out, and a page asks for it again and again. */
    private final Cache<Asked, Optional<PatternSaid>> worked =
            Caffeine.newBuilder().maximumSize(200).build();

    SignatureController(JobService jobs) {
        this.jobs = jobs;
    }

    private record Asked(TagNumber tag, long sequence, int practice, Phase phase) {}

    /**
     * The pattern of a job's speeds.
     *
     * @param firings on how many it rests
     */
    record PatternSaid(Phase phase, int firings, SignatureAnswer says) {}

    @Operation(
            summary = "What the speeds show about the mechanism",
            description = "Causes ranked by how well they explain all firings together. Errors in EV, positive when "
                    + "slow. This is evidence, not a diagnosis: no cause counts as more common than another here.")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            examples = @ExampleObject(name = "late and scattered slow speeds", value = EXAMPLE)))
    @PostMapping(path = "/find/signature", consumes = MediaType.APPLICATION_JSON_VALUE)
    SignatureAnswer signature(@RequestBody SignatureRequest request) {
        return SignatureAnswer.of(Signatures.rank(request.kind(), request.firings(), request.travel()));
    }

    /** Empty where too few speeds were fired. */
    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}/pattern")
    Optional<PatternSaid> pattern(@PathVariable String tag, @RequestParam Phase phase) {
        JobPicture picture = jobs.built(TagNumber.parse(tag));
        Asked asked = new Asked(
                picture.tag(),
                picture.lastSequence(),
                picture.practice().speeds().sheets().hashCode(),
                phase);
        return worked.get(
                asked,
                one -> PatternOfJob.of(picture.received(), picture.prove(), picture.practice(), phase)
                        .map(read -> new PatternSaid(phase, read.firings(), SignatureAnswer.of(read.ranking()))));
    }

    /** Every firing by speed, in the order made, with what was done in between. */
    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}/fault-map")
    FaultMap map(@PathVariable String tag) {
        TagNumber number = TagNumber.parse(tag);
        return FaultMap.of(jobs.log(number), jobs.picture(number));
    }
}
