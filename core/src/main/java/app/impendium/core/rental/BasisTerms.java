package app.impendium.core.rental;

import app.impendium.core.afford.Household;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Percent;
import java.util.Optional;

/**
 * How a programme lends on one letting basis. Immutable.
 *
 * @param counted the share of the rent that counts, where what goes out is to be covered
 * @param mostLoanToValue the largest loan on this basis, in percent of the value
 * @param leastScore the least credit score on this basis, from 1 to 999, where one is asked for
 */
public record BasisTerms(LettingBasis basis, Percent counted, Percent mostLoanToValue, Optional<Integer> leastScore) {
    /**
     * @throws CaseException if the score is none
     */
    public BasisTerms {
        Findings findings = new Findings();
        leastScore.ifPresent(score -> findings.inRange(Entry.LEAST_SCORE, score, 1, Household.HIGHEST_SCORE));
        findings.throwIfAny();
    }

    /** Whether a score is known to be too low. */
    boolean refuses(Optional<Integer> score) {
        return leastScore
                .filter(least -> score.filter(known -> known < least).isPresent())
                .isPresent();
    }
}
