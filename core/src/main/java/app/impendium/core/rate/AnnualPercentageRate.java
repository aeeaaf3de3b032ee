package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * The annual percentage rate by the actuarial method of 12 CFR 1026 Appendix J: the rate per unit-period at which
 * advances less prepaid finance charges are worth the payments, times the unit-periods a year. Fractions of a period
 * count by simple interest.
 *
 * <p>A rate is no amount: it is sought in doubles, whose sixteen digits leave the ninth decimal of a percent certain.
 */
public final class AnnualPercentageRate {
    private static final int DECIMALS = 9;
    private static final double HIGHEST_PER_PERIOD = 10;
    private static final int HALVINGS = 64;

    private AnnualPercentageRate() {}

    /** Money that moves at a time: an advance to the client, or a payment by them. */
    public record Flow(Money amount, UnitPeriods time) {}

    /**
     * The rate in percent, with nine decimals.
     *
     * @param advances what the client receives, prepaid finance charges already taken off
     * @param payments what the client pays
     * @param unitPeriodsPerYear unit-periods in a year: 12 for monthly payments
     * @throws CaseException if the payments do not exceed the advances, or exceed them beyond any rate
     */
    public static BigDecimal of(List<Flow> advances, List<Flow> payments, int unitPeriodsPerYear) {
        if (sum(payments).compareTo(sum(advances)) < 0 || sum(advances).cents() <= 0) {
            throw CaseException.of(
                    "payments",
                    sum(payments).toString(),
                    "at least what was advanced",
                    "There is no rate: the payments of " + sum(payments) + " do not repay the " + sum(advances)
                            + " advanced.");
        }
        if (payments.stream().allMatch(flow -> flow.time().equals(UnitPeriods.whole(0)))
                || worth(payments, HIGHEST_PER_PERIOD) > worth(advances, HIGHEST_PER_PERIOD)) {
            throw CaseException.of("payments", sum(payments).toString(), "payments that some rate explains");
        }
        return BigDecimal.valueOf(ratePerPeriod(advances, payments))
                .multiply(BigDecimal.valueOf(100L * unitPeriodsPerYear))
                .setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    private static double ratePerPeriod(List<Flow> advances, List<Flow> payments) {
        double low = 0;
        double high = HIGHEST_PER_PERIOD;
        for (int halving = 0; halving < HALVINGS; halving++) {
            double middle = (low + high) / 2;
            // The higher the rate, the less later payments are worth beside the advances.
            if (worth(payments, middle) > worth(advances, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private static double worth(List<Flow> flows, double rate) {
        double discount = 1 / (1 + rate);
        double sum = 0;
        int reached = 0;
        double factor = 1;
        for (Flow flow : flows) {
            int whole = flow.time().whole();
            // Streams are mostly in order and one period apart: one product a payment.
            factor = whole == reached + 1 ? factor * discount : Math.pow(discount, whole);
            reached = whole;
            sum += flow.amount().cents() * factor / (1 + rate * flow.time().fraction());
        }
        return sum;
    }

    private static Money sum(List<Flow> flows) {
        return flows.stream().map(Flow::amount).reduce(Money.ZERO, Money::plus);
    }
}
