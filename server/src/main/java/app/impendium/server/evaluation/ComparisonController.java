package app.impendium.server.evaluation;

import app.impendium.server.document.CaseDocument;
import app.impendium.server.problem.Calculates;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Compares the options of a case without keeping anything of it. An option without figures is told, and left out. */
@Calculates
@RestController
class ComparisonController {

    @PostMapping("/api/comparisons")
    ComparisonView compare(@RequestBody CaseDocument document) {
        return ComparedCase.of(document).view();
    }

    /** How the figures of one option are calculated, as long as it is kept. Options are counted from 0. */
    @PostMapping("/api/workings/{option}/kept")
    List<WorkingView> workings(@PathVariable int option, @RequestBody CaseDocument document) {
        return ComparedCase.of(document).workings(option);
    }
}
