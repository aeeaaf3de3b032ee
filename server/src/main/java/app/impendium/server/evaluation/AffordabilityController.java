package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.LoanVariants;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.pricing.RateOffer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import app.impendium.server.problem.RefusedException;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Holds the options of a case against limit sets, without keeping anything of it. */
@RestController
class AffordabilityController {
    private static final int MOST_SETS = 50;
    private static final String SETS = "sets";

    /**
     * A case and the limits that it is held against.
     *
     * @param sets at most fifty
     * @param table the rates on offer; absent for none
     */
    record AffordabilityQuestion(
            CaseDocument document,
            List<LimitSetDocument> sets,
            @Schema(nullable = true) RateTableDocument table) {
        AffordabilityQuestion {
            sets = sets == null ? List.of() : sets;
        }
    }

    /**
     * Whether the options of a case keep to the limits, and what would make one of them fit. Options are counted from 0.
     *
     * @throws CaseException if the people, the option or a set has no meaning, with every finding
     */
    @PostMapping("/api/affordability/{option}")
    AffordabilityView afford(@PathVariable int option, @RequestBody AffordabilityQuestion question) {
        CaseDocument document = question.document();
        List<LimitSet> sets = sets(question.sets());
        List<Attempt<LoanOption>> options = CaseReader.attempts(document, (read, assumptions) -> read);
        if (option < 0 || option >= options.size()) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND, "No such option", "The case has " + options.size() + " options.");
        }
        Household household = HouseholdReader.read(document);
        LoanOption asked = options.get(option)
                .made()
                .orElseThrow(() -> new CaseException(options.get(option).because()));
        List<RateOffer> offers = offers(question.table(), asked, household);
        List<SetView> views = solvers(asked, household, sets).stream()
                .map(solver -> SetView.of(solver, household, offers))
                .toList();
        return new AffordabilityView(
                HouseholdView.of(household),
                options.stream().map(each -> met(each, household, sets)).toList(),
                views);
    }

    private static List<Boolean> met(Attempt<LoanOption> option, Household household, List<LimitSet> sets) {
        return option.made()
                .map(made -> solvers(made, household, sets).stream()
                        .map(solver -> solver.assessment().isMet())
                        .toList())
                .orElseGet(List::of);
    }

    private static List<FitSolver> solvers(LoanOption option, Household household, List<LimitSet> sets) {
        LoanVariants variants = new LoanVariants(option, household.funds());
        Set<String> paidOff = paidOff(option);
        return sets.stream()
                .map(set -> new FitSolver(variants, household, set, paidOff))
                .toList();
    }

    private static Set<String> paidOff(LoanOption option) {
        List<RunningDebt> debts =
                option.financing().match(purchase -> List.of(), loanOnly -> List.of(), Financing.Refinancing::debts);
        return debts.stream().map(RunningDebt::id).collect(Collectors.toSet());
    }

    private static List<LimitSet> sets(List<LimitSetDocument> given) {
        Findings findings = new Findings();
        findings.inRange(SETS, given.size(), 0, MOST_SETS);
        findings.throwIfAny();
        List<LimitSet> sets = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            LimitSetDocument set = given.get(i);
            String path = Field.entry(SETS, i);
            if (Needed.isThere(path, set, findings)) {
                findings.group(path, () -> LimitSetReader.read(set)).ifPresent(sets::add);
            }
        }
        findings.throwIfAny();
        return sets;
    }

    private static List<RateOffer> offers(RateTableDocument table, LoanOption option, Household household) {
        if (table == null) {
            return List.of();
        }
        try {
            return RateTableReader.read(table).pricedFor(option.financing().loanToValuePercent(), household.score());
        } catch (CaseException e) {
            throw e.within("table");
        }
    }
}
