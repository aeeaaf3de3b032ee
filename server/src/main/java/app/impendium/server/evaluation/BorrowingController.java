package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.fit.Borrowing;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import app.impendium.server.problem.Calculates;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tells what the people of a case can borrow without a home in mind, without keeping anything of it. */
@Calculates
@RestController
class BorrowingController {

    /**
     * A case and the limits that it is held against.
     *
     * @param sets from one to fifty
     * @param chosen the place of the set that is looked at, from 0
     */
    record BorrowingQuestion(CaseDocument document, List<LimitSetDocument> sets, int chosen) {
        BorrowingQuestion {
            sets = sets == null ? List.of() : sets;
        }
    }

    /**
     * The largest price under each set, on the terms of an option. Options are counted from 0.
     *
     * @throws CaseException if the people, the option or a set has no meaning, with every finding
     */
    @PostMapping("/api/borrowing/{option}")
    BorrowingView borrow(@PathVariable int option, @RequestBody BorrowingQuestion question) {
        CaseDocument document = question.document();
        List<LimitSet> sets = LimitSetReader.all("sets", question.sets());
        Findings findings = new Findings();
        findings.inRange("chosen", question.chosen(), 0, sets.size() - 1);
        findings.throwIfAny();
        LoanOption terms = Attempt.madeOf(CaseReader.attempts(document, CaseEvaluator::evaluate), option)
                .option();
        Household household = HouseholdReader.read(document);
        List<Borrowing> each =
                sets.stream().map(set -> new Borrowing(terms, household, set)).toList();
        return BorrowingView.of(each, question.chosen(), terms);
    }
}
