package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.AnnualRate;

/** The next loan when the term of a rate ends: what is owed then, over what is left of the amortization. */
public final class Renewal {
    private Renewal() {}

    /**
     * The terms of the next loan.
     *
     * @param terms the loan that ends
     * @param schedule its schedule
     * @param paid the last payment before the rate's term ends, from 1
     * @param rate the new yearly rate
     * @throws CaseException if nothing is owed by then
     */
    public static LoanTerms of(LoanTerms terms, Schedule schedule, int paid, AnnualRate rate) {
        if (paid < 1 || paid >= schedule.payments()) {
            throw CaseException.of(
                    "renewal", "after payment " + paid, "after payment 1 to " + (schedule.payments() - 1));
        }
        return LoanTerms.plain(
                schedule.balanceAfter(paid), terms.rate().withAnnual(rate), terms.payments() - paid, terms.rounding());
    }
}
