package app.impendium.server.evaluation;

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
}
