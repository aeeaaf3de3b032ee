package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.server.problem.RefusedException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works out a case without keeping anything of it. */
@RestController
class EvaluationController {

    @PostMapping("/api/evaluations")
    EvaluationView evaluate(@RequestBody CaseDocument document) {
        return EvaluationView.of(DocumentEvaluator.evaluate(document));
    }

    /** Every payment of one of the case's options, counted from 0. */
    @PostMapping("/api/schedules/{option}")
    ScheduleView schedule(@PathVariable int option, @RequestBody CaseDocument document) {
        List<OptionEvaluation> options = DocumentEvaluator.evaluate(document).options();
        if (option < 0 || option >= options.size()) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND, "No such option", "The case has " + options.size() + " options.");
        }
        return ScheduleView.of(options.get(option));
    }
}
