package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.util.ArrayList;
import java.util.List;

/**
 * A temporary buydown: in the first years the borrower pays as if the rate were lower, and a subsidy paid in at closing
 * makes up the difference. The loan and its schedule stay at the full rate, and qualifying uses the full payment.
 *
 * @param paymentByYear the borrower's payment in each reduced year, then the full payment
 * @param subsidy the sum of the differences
 */
public record Buydown(List<Money> paymentByYear, Money subsidy) {
    private static final int MOST_YEARS = 3;

    public Buydown {
        paymentByYear = List.copyOf(paymentByYear);
    }

    /**
     * The buydown of a loan.
     *
     * @param reductions what is taken off the rate in year 1, 2 and 3, in percentage points; from one to three
     * @throws CaseException if a reduction exceeds the rate, or there are none or more than three
     */
    public static Buydown of(LoanTerms terms, List<Percent> reductions) {
        if (reductions.isEmpty() || reductions.size() > MOST_YEARS) {
            throw CaseException.of("reductions", reductions.size() + " years", "1 to " + MOST_YEARS + " years");
        }
        Money full = LevelPayment.of(terms);
        int perYear = terms.rate().frequency().perYear();
        List<Money> payments = new ArrayList<>();
        Money subsidy = Money.ZERO;
        for (int year = 0; year < reductions.size(); year++) {
            Money reduced = reducedPayment(terms, reductions.get(year), "reductions[" + year + "]");
            payments.add(reduced);
            subsidy = subsidy.plus(full.minus(reduced).times(perYear));
        }
        payments.add(full);
        return new Buydown(payments, subsidy);
    }

    private static Money reducedPayment(LoanTerms terms, Percent reduction, String field) {
        AnnualRate annual = terms.rate().annual();
        if (reduction.value().compareTo(annual.percent().value()) > 0) {
            throw CaseException.of(field, reduction.toString(), "up to the rate of " + annual.percent());
        }
        AnnualRate lower = AnnualRate.ofPercent(annual.percent().value().subtract(reduction.value()));
        return LevelPayment.of(
                terms.amount(),
                terms.clauses().residualBalance(),
                terms.rate().withAnnual(lower),
                terms.payments(),
                terms.rounding());
    }
}
