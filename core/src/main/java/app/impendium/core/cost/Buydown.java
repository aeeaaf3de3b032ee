package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Schedule;
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

    public Buydown {
        paymentByYear = List.copyOf(paymentByYear);
    }

    /**
     * The buydown of a loan.
     *
     * @param schedule the loan's schedule
     * @throws CaseException if a reduction exceeds the rate, or another payment than the level one is due in those years
     */
    public static Buydown of(LoanTerms terms, Schedule schedule, BuydownTerms agreed) {
        Money full = LevelPayment.of(terms);
        int perYear = terms.rate().frequency().perYear();
        int years = agreed.reductions().size();
        checkLevel(schedule, full, years * perYear);
        List<Money> payments = new ArrayList<>();
        Money subsidy = Money.ZERO;
        for (int year = 0; year < years; year++) {
            Money reduced = reducedPayment(terms, agreed.reductions().get(year), Field.entry(Field.REDUCTIONS, year));
            payments.add(reduced);
            subsidy = subsidy.plus(full.minus(reduced).times(perYear));
        }
        payments.add(full);
        return new Buydown(payments, subsidy);
    }

    /** The borrower's share of a payment, counted from 1, of which {@code due} is what the loan asks for. */
    public Money paidBy(int number, int paymentsPerYear, Money due) {
        int year = (number - 1) / paymentsPerYear;
        return year < paymentByYear.size() - 1 ? paymentByYear.get(year) : due;
    }

    /** What the subsidy pays of the payments up to one, 0 included, in whole cents. */
    public long subsidySoFarCents(int number, int paymentsPerYear) {
        Money full = paymentByYear.get(paymentByYear.size() - 1);
        long paid = 0;
        for (int year = 0; year < paymentByYear.size() - 1; year++) {
            int reduced = Math.max(0, Math.min(paymentsPerYear, number - year * paymentsPerYear));
            paid += full.minus(paymentByYear.get(year)).cents() * reduced;
        }
        return paid;
    }

    private static void checkLevel(Schedule schedule, Money full, int reduced) {
        for (int number = 1; number <= reduced; number++) {
            if (number >= schedule.payments() || !schedule.due(number).equals(full)) {
                throw CaseException.of(
                        Field.REDUCTIONS,
                        Code.BUYDOWN_OF_OTHER_PAYMENT,
                        new Value.Count(reduced),
                        full.toValue(),
                        new Value.Count(number));
            }
        }
    }

    private static Money reducedPayment(LoanTerms terms, Percent reduction, String path) {
        AnnualRate annual = terms.rate().annual();
        if (reduction.value().compareTo(annual.percent().value()) > 0) {
            throw CaseException.of(
                    path,
                    Code.REDUCTION_ABOVE_RATE,
                    reduction.toValue(),
                    annual.percent().toValue());
        }
        AnnualRate lower = AnnualRate.ofPercent(annual.percent().value().subtract(reduction.value()));
        return LevelPayment.of(terms.withRate(lower));
    }
}
