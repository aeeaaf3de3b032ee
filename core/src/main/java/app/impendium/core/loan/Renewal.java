package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;

/**
 * The next loan when the term of a rate ends: what is owed then, over what is left of the amortization. What was agreed for
 * its end and for the payments of interest alone that are still to come holds on.
 */
public final class Renewal {
    private Renewal() {}

    /**
     * The terms of the next loan.
     *
     * @param terms the loan that ends
     * @param schedule its schedule
     * @param paid the last payment before the rate's term ends, from 1
     * @param rate the new annual rate
     * @throws CaseException if nothing is owed by then
     */
    public static LoanTerms of(LoanTerms terms, Schedule schedule, int paid, AnnualRate rate) {
        if (paid < 1 || paid >= schedule.payments()) {
            throw CaseException.of(
                    Parameter.RENEWAL,
                    Code.OUT_OF_RANGE,
                    new Value.Count(paid),
                    new Value.Count(1),
                    new Value.Count(schedule.payments() - 1L));
        }
        Money owed = schedule.balanceAfter(paid);
        return new LoanTerms(
                owed,
                terms.rate().withAnnual(rate),
                terms.payments() - paid,
                terms.rounding(),
                remaining(terms, paid, owed));
    }

    private static LoanFeatures remaining(LoanTerms terms, int paid, Money owed) {
        Money balloon = terms.features().balloon();
        int left = terms.payments() - paid;
        if (balloon.compareTo(owed) >= 0) {
            // All of it is left to the end: until then, interest alone is paid.
            return LoanFeatures.NONE.withInterestOnly(left - 1);
        }
        int interestOnly = Math.max(0, terms.features().interestOnlyPayments() - paid);
        return LoanFeatures.NONE.withInterestOnly(interestOnly).withBalloon(balloon);
    }
}
