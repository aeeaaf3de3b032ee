package app.impendium.core.pricing;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * Points that are added to every rate of a table where loan-to-value and credit score lie within bounds. Immutable.
 *
 * @param aboveLoanToValue above this loan-to-value, in percent
 * @param upToLoanToValue up to this one, counted
 * @param leastScore from this credit score, counted; 0 for any
 * @param mostScore up to this one, counted; at most 999
 */
public record AddOn(
        Percent aboveLoanToValue, Percent upToLoanToValue, int leastScore, int mostScore, SignedPoints points) {
    /** Higher than any credit score. */
    public static final int HIGHEST_SCORE = 999;

    /**
     * @throws CaseException if a bound is outside its range, or an upper one lies below its lower one, with all findings
     */
    public AddOn {
        Findings findings = new Findings();
        findings.inRange(Entry.LEAST_SCORE, leastScore, 0, HIGHEST_SCORE);
        findings.inRange(Entry.MOST_SCORE, mostScore, Math.max(0, leastScore), HIGHEST_SCORE);
        findings.throwIfAny();
        if (upToLoanToValue.value().compareTo(aboveLoanToValue.value()) <= 0) {
            throw CaseException.of(
                    Entry.UP_TO_LOAN_TO_VALUE,
                    Code.OUT_OF_RANGE,
                    upToLoanToValue.toValue(),
                    aboveLoanToValue.toValue(),
                    Value.Percentage.of(100));
        }
    }

    /** Whether it applies to loans of a share of the value, in percent; to none where that is not known. */
    boolean appliesTo(Optional<BigDecimal> loanToValue) {
        return loanToValue
                .filter(share ->
                        share.compareTo(aboveLoanToValue.value()) > 0 && share.compareTo(upToLoanToValue.value()) <= 0)
                .isPresent();
    }

    /** Whether it applies to clients of a credit score. */
    boolean appliesTo(int score) {
        return score >= leastScore && score <= mostScore;
    }
}
