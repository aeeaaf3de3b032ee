package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.compare.RateLadder;
import app.impendium.server.problem.RefusedException;
import org.springframework.http.HttpStatus;

/** Which loan a rate ladder is about. */
enum LadderFrom {
    /** The loan as it begins. */
    BEGINNING {
        @Override
        RateLadder ladder(LoanOption option) {
            return RateLadder.of(option.loanTerms());
        }
    },
    /** The next loan, when the term of the rate ends. */
    RENEWAL {
        @Override
        RateLadder ladder(LoanOption option) {
            OptionEvaluation figures = CaseEvaluator.evaluate(option);
            OptionEvaluation.RateEnd end = figures.rateEnd()
                    .orElseThrow(() -> new RefusedException(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            "There is no renewal",
                            "The rate of this option is agreed for the whole term."));
            return RateLadder.atRenewal(figures.terms(), figures.schedule(), end.afterPayment());
        }
    };

    /**
     * The option's ladder.
     *
     * @throws RefusedException if the option has no such loan
     */
    abstract RateLadder ladder(LoanOption option);
}
