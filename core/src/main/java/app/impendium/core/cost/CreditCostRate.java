package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualPercentageRate;
import app.impendium.core.rate.FlowRun;
import app.impendium.core.rate.UnitPeriods;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/** The annual rate at which a market's law has lenders state what a loan costs in all. */
public enum CreditCostRate {
    /**
     * United States: the actuarial method of 12 CFR 1026, Appendix J. Payments and running insurance against the loan less
     * prepaid finance charges: the rate per period times the periods a year.
     */
    ANNUAL_PERCENTAGE_RATE {
        @Override
        BigDecimal rateOf(DisclosureBasis loan) {
            UnitPeriods toFirst = loan.closing()
                    .map(day -> UnitPeriods.between(
                            day, loan.dates().first(), loan.dates().frequency()))
                    .orElse(ONE_PERIOD);
            return AnnualPercentageRate.of(advance(loan.received()), loan.insuredPayments(toFirst), loan.perYear());
        }
    },
    /**
     * Canada: C / (T × P) by the Cost of Borrowing (Banks) Regulations, SOR/2001-101, s. 3. C is the cost of borrowing in the
     * time for which the rate is agreed, T that time in years, P the average of the balances before its payments.
     * Premiums of default insurance are left out.
     */
    COST_OF_BORROWING {
        @Override
        BigDecimal rateOf(DisclosureBasis loan) {
            // T is payments / p, P the sum of the balances / payments: the number of payments cancels out.
            BigDecimal balances = BigDecimal.valueOf(loan.sumOfBalancesAtRate().cents());
            return BigDecimal.valueOf(loan.costAtRate().cents())
                    .multiply(BigDecimal.valueOf(100L * loan.perYear()))
                    .divide(balances, DECIMALS, RoundingMode.HALF_UP);
        }
    },
    /**
     * United Kingdom: the annual percentage rate of charge of Directive 2014/17/EU, Annex I, kept in MCOB 10A of the FCA
     * Handbook: the effective annual rate of all flows.
     */
    ANNUAL_PERCENTAGE_RATE_OF_CHARGE {
        @Override
        BigDecimal rateOf(DisclosureBasis loan) {
            UnitPeriods toFirst = loan.closing()
                    .map(day -> UnitPeriods.inEqualYears(
                            day, loan.dates().first(), loan.dates().frequency()))
                    .orElse(ONE_PERIOD);
            return AnnualPercentageRate.effective(
                    advance(loan.received()), loan.insuredPayments(toFirst), loan.perYear());
        }
    },
    /**
     * Australia: the comparison rate of the National Credit Code, Part 10. Repayments and the lender's charges, in whole
     * periods: the rate per period times the periods a year. Insurance premiums are left out.
     */
    COMPARISON_RATE {
        @Override
        BigDecimal rateOf(DisclosureBasis loan) {
            return AnnualPercentageRate.of(
                    advance(loan.receivedBeforePremium()), loan.payments(ONE_PERIOD), loan.perYear());
        }
    };

    private static final int DECIMALS = 9;
    private static final UnitPeriods ONE_PERIOD = UnitPeriods.whole(1);

    /** The rate in percent, with nine decimals; empty where the charges leave nothing to receive. */
    public Optional<BigDecimal> of(DisclosureBasis loan) {
        try {
            return Optional.of(rateOf(loan));
        } catch (CaseException noRate) {
            return Optional.empty();
        }
    }

    abstract BigDecimal rateOf(DisclosureBasis loan);

    private static List<FlowRun> advance(Money received) {
        return List.of(FlowRun.once(received, UnitPeriods.whole(0)));
    }
}
