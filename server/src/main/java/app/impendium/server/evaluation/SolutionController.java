package app.impendium.server.evaluation;

import app.impendium.server.problem.Calculates;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Solves a loan without a case around it: any one of its figures from the others. */
@Calculates
@RestController
class SolutionController {

    /** The figure asked for. Every answer is sharp: one step more (a cent, a millionth of a percent, a payment) is too much. */
    @PostMapping("/api/solutions/{unknown}")
    SolutionView solve(@PathVariable Unknown unknown, @RequestBody SolutionDocument document) {
        return unknown.solve(new SolutionReader(document));
    }
}
