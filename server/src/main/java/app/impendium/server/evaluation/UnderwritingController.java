package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Underwriting;
import app.impendium.core.finding.CaseException;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.loan.RunningDebt;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import app.impendium.server.outside.UnderwritingDesk;
import app.impendium.server.outside.UnderwritingDesk.Application;
import app.impendium.server.outside.UnderwritingDesk.UnderwritingAnswer;
import app.impendium.server.problem.Calculates;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Asks the underwriting desk about an option, without keeping anything of it. */
@Calculates
@RestController
class UnderwritingController {
    private final UnderwritingDesk desk;

    UnderwritingController(UnderwritingDesk desk) {
        this.desk = desk;
    }

    /** A case and the limits of the lender who is asked. */
    record UnderwritingQuestion(CaseDocument document, LimitSetDocument set) {}

    /**
     * What the desk answers.
     *
     * @param simulated whether a stand-in made it up
     * @param accepted whether the loan is given under the conditions; else a person decides
     * @param reasons the limits for a machine that are not met or cannot be told
     * @param conditions what must be shown or done before the loan is paid out
     * @param manual what the limits say where a person decides
     */
    record UnderwritingView(
            boolean simulated,
            boolean accepted,
            List<ReadingView> reasons,
            List<UnderwritingDesk.Condition> conditions,
            List<ReadingView> manual) {}

    /**
     * The answer for an option under a limit set. A simulated stand-in. Options are counted from 0.
     *
     * @throws CaseException if the people, the option or the set has no meaning, with every finding
     */
    @PostMapping("/api/underwriting/{option}")
    UnderwritingView decide(@PathVariable int option, @RequestBody UnderwritingQuestion question) {
        CaseDocument document = question.document();
        List<LimitSet> sets = LimitSetReader.all("sets", Collections.singletonList(question.set()));
        OptionEvaluation asked = Attempt.madeOf(CaseReader.attempts(document, CaseEvaluator::evaluate), option);
        Household household = HouseholdReader.read(document);
        FitSolver byMachine = Solvers.of(asked, household.decidedBy(Underwriting.AUTOMATED), sets)
                .get(0);
        FitSolver byPerson = Solvers.of(asked, household.decidedBy(Underwriting.MANUAL), sets)
                .get(0);
        UnderwritingAnswer answer = desk.decide(new Application(
                household,
                byMachine.assessment(),
                asked.option().debtsPaidOff().stream().map(RunningDebt::id).collect(Collectors.toSet()),
                byMachine.loan().cost().mortgageInsurance().cents() > 0));
        return new UnderwritingView(
                true,
                answer.isAccepted(),
                ReadingView.all(byMachine.set(), byMachine.assessment().readings()).stream()
                        .filter(reading -> !reading.isMet())
                        .toList(),
                answer.conditions(),
                ReadingView.all(byPerson.set(), byPerson.assessment().readings()));
    }
}
