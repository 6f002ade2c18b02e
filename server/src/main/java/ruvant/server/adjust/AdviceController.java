package ruvant.server.adjust;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.adjust.Advice;
import ruvant.core.adjust.Advisor;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;

/** The next turn, without a job: trials in, advice out. */
@RestController
@Needs(Right.LOOK)
class AdviceController {
    private static final String EXAMPLE = """
            {"adjusters":[{"name":"engagement","stepTurns":0.125,"minTurns":-1,"maxTurns":1,"priorSign":-1,"relativeEffect":[0.4,0.9,0.9,0.4]}],
             "results":[{"name":"1/8","toleranceEv":0.25,"measureSdEv":0.04},{"name":"1/15","toleranceEv":0.25,"measureSdEv":0.04},
                        {"name":"1/30","toleranceEv":0.25,"measureSdEv":0.04},{"name":"1/60","toleranceEv":0.25,"measureSdEv":0.04}],
             "trials":[{"turns":[0],"measuredEv":[0.22,0.34,0.36,0.19]}]}""";

    /**
     * What to do next.
     *
     * @param next setting of each adjuster, turns from first found
     * @param verdict turn, stopInTolerance, stopBestCompromise, fireMore or responseNotAsExpected
     */
    record NextTurn(
            List<Double> next,
            List<Double> predictedEv,
            List<Double> predictedSdEv,
            double probabilityInTolerance,
            String verdict,
            String why) {
        private static NextTurn of(Advice advice) {
            return new NextTurn(
                    advice.next(),
                    advice.predicted(),
                    advice.predictedSd(),
                    advice.probabilityInTolerance(),
                    advice.verdict().key(),
                    advice.why());
        }
    }

    @Operation(
            summary = "Which adjuster to turn next, and how far",
            description =
                    "Errors in EV, positive when slow. Turns count from where it was found, positive clockwise or inward. "
                            + "The first trial is how it was found, before any turn.")
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            examples = @ExampleObject(name = "an engagement and four speeds", value = EXAMPLE)))
    @PostMapping(
            path = "/api/adjust/advise",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    NextTurn advise(@RequestBody AdviceRequest request) {
        return NextTurn.of(Advisor.advise(request.asCase()));
    }
}
