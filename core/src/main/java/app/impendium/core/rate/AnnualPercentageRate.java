package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;

/**
 * The annual percentage rate by the actuarial method of 12 CFR 1026 Appendix J: the rate per unit-period at which
 * advances less prepaid finance charges are worth the payments, times the unit-periods a year. Fractions of a period
 * count by simple interest.
 */
public final class AnnualPercentageRate {
    private static final MathContext DIGITS = new MathContext(34);
    private static final int DECIMALS = 12;
    private static final BigDecimal HIGHEST_PER_PERIOD = BigDecimal.TEN;
    private static final int HALVINGS = 60;

    private AnnualPercentageRate() {}

    /** Money that moves at a time: an advance to the client, or a payment by them. */
    public record Flow(Money amount, UnitPeriods time) {}

    /**
     * The rate in percent, with twelve decimals.
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
        BigDecimal low = BigDecimal.ZERO;
        BigDecimal high = HIGHEST_PER_PERIOD;
        if (payments.stream().allMatch(flow -> flow.time().equals(UnitPeriods.whole(0)))
                || worth(payments, high).compareTo(worth(advances, high)) > 0) {
            throw CaseException.of("payments", sum(payments).toString(), "payments that some rate explains");
        }
        for (int halving = 0; halving < HALVINGS; halving++) {
            BigDecimal middle = low.add(high).divide(BigDecimal.valueOf(2), DIGITS);
            // The higher the rate, the less later payments are worth beside the advances.
            if (worth(payments, middle).compareTo(worth(advances, middle)) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high.multiply(BigDecimal.valueOf(100L * unitPeriodsPerYear)).setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    private static BigDecimal worth(List<Flow> flows, BigDecimal rate) {
        BigDecimal discount = BigDecimal.ONE.divide(BigDecimal.ONE.add(rate), DIGITS);
        BigDecimal sum = BigDecimal.ZERO;
        int reached = 0;
        BigDecimal factor = BigDecimal.ONE;
        for (Flow flow : flows) {
            int steps = flow.time().whole() - reached;
            // Streams are mostly in order and one period apart: one product a payment.
            factor = steps >= 0
                    ? factor.multiply(discount.pow(steps, DIGITS), DIGITS)
                    : discount.pow(flow.time().whole(), DIGITS);
            reached = flow.time().whole();
            BigDecimal partial = BigDecimal.ONE.add(rate.multiply(flow.time().fraction()));
            sum = sum.add(
                    BigDecimal.valueOf(flow.amount().cents()).multiply(factor).divide(partial, DIGITS));
        }
        return sum;
    }

    private static Money sum(List<Flow> flows) {
        return flows.stream().map(Flow::amount).reduce(Money.ZERO, Money::plus);
    }
}
