package app.impendium.core;

import java.util.List;

/** The figures of a case, one {@link OptionEvaluation} for each option in the case's order. */
public record CaseEvaluation(List<OptionEvaluation> options) {
    public CaseEvaluation {
        options = List.copyOf(options);
    }
}
