package app.impendium.core;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import java.util.ArrayList;
import java.util.List;

/** Evaluates a case: a pure function of it. */
public final class CaseEvaluator {
    private CaseEvaluator() {}

    /**
     * The figures of every option.
     *
     * @throws CaseException if an option has no answer, with all findings of all options
     */
    public static CaseEvaluation evaluate(CaseFile file) {
        Findings findings = new Findings();
        List<OptionEvaluation> evaluations = new ArrayList<>();
        for (int i = 0; i < file.options().size(); i++) {
            LoanOption option = file.options().get(i);
            findings.group(Field.entry(Field.OPTIONS, i), () -> evaluate(option, file.assumptions()))
                    .ifPresent(evaluations::add);
        }
        findings.throwIfAny();
        return new CaseEvaluation(evaluations);
    }

    /**
     * The figures of one option.
     *
     * @throws CaseException if it has no answer, with all findings
     */
    public static OptionEvaluation evaluate(LoanOption option, Assumptions assumptions) {
        return new OptionEvaluation(option, assumptions);
    }

    /**
     * The figures of one option that no assumption changes.
     *
     * @throws CaseException if it has no answer, with all findings
     */
    public static OptionEvaluation evaluate(LoanOption option) {
        return evaluate(option, Assumptions.NONE);
    }
}
