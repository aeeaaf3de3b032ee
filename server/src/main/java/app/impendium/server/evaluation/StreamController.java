package app.impendium.server.evaluation;

import app.impendium.server.problem.Calculates;
import java.math.BigDecimal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works out streams that are no loan of a case: other lenders' offers, with advances and payments of any kind. */
@Calculates
@RestController
class StreamController {

    /**
     * A stream's rate.
     *
     * @param annualPercentageRate in percent, with up to nine decimals
     */
    record StreamView(BigDecimal annualPercentageRate) {}

    /** The annual percentage rate by the actuarial method (12 CFR 1026, Appendix J). */
    @PostMapping("/api/annual-percentage-rates")
    StreamView annualPercentageRate(@RequestBody StreamDocument document) {
        return new StreamView(StreamReader.annualPercentageRate(document).stripTrailingZeros());
    }
}
