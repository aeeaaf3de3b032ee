package app.impendium.server.evaluation;

import app.impendium.core.LoanFigures;
import app.impendium.core.compare.RateLadder;
import app.impendium.server.problem.RefusedException;
import org.springframework.http.HttpStatus;

/** Which loan a rate ladder is about. */
enum LadderFrom {
    /** The loan as it begins. */
    BEGINNING {
        @Override
        RateLadder ladder(LoanFigures loan) {
            return RateLadder.of(loan.terms());
        }
    },
    /** The next loan, when the term of the rate ends. */
    RENEWAL {
        @Override
        RateLadder ladder(LoanFigures loan) {
            LoanFigures.RateEnd end = loan.rateEnd()
                    .orElseThrow(() -> new RefusedException(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            "There is no renewal",
                            "The rate of this option is agreed for the whole term."));
            return RateLadder.atRenewal(loan.terms(), loan.schedule(), end.afterPayment());
        }
    };

    /**
     * The option's ladder.
     *
     * @throws RefusedException if the option has no such loan
     */
    abstract RateLadder ladder(LoanFigures loan);
}
