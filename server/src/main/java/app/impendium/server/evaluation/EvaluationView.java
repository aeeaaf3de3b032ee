package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluation;
import java.util.List;

/** The figures of a case: one entry for each option, in the case's order. */
public record EvaluationView(List<OptionView> options) {

    public static EvaluationView of(CaseEvaluation evaluation) {
        return new EvaluationView(
                evaluation.options().stream().map(OptionView::of).toList());
    }
}
