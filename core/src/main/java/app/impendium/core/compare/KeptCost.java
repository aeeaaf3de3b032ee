package app.impendium.core.compare;

import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.Growth;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * What an option costs in all if it is kept for m months: cash to close, everything paid by then, and what is owed then.
 * Where home costs count, m times their monthly sum is added. Under a {@link Worth} each flow counts for what it is worth on
 * the day the loan is paid out; the sum is exact and rounded once, half a cent up. Immutable.
 */
public final class KeptCost {
    /** An amount of thirteen digits to the cent, and twenty-five digits beyond. */
    private static final MathContext DIGITS = new MathContext(40, RoundingMode.HALF_EVEN);

    private static final int MONTHS_PER_YEAR = 12;

    private final long[] cents;

    private KeptCost(long[] cents) {
        this.cents = cents;
    }

    /**
     * The cost of an option for each length of stay.
     *
     * @param months the longest stay; from 0
     * @param homeCosts what the home costs a month besides, zero where it does not count
     */
    static KeptCost of(MoneyMoved moved, Worth worth, int months, Money homeCosts) {
        return new KeptCost(
                worth.isNominal() ? nominal(moved, months, homeCosts) : discounted(moved, worth, months, homeCosts));
    }

    /** The cost if it is kept for so many months; 0 is the day on which the loan is paid out. */
    public Money after(int month) {
        return Money.ofCents(cents[month]);
    }

    /** The same in whole cents, for those who look through many months. */
    public long centsAfter(int month) {
        return cents[month];
    }

    private static long[] nominal(MoneyMoved moved, int months, Money homeCosts) {
        long[] costs = new long[months + 1];
        for (int month = 0; month <= months; month++) {
            costs[month] = moved.costCents(month, homeCosts.cents());
        }
        return costs;
    }

    private static long[] discounted(MoneyMoved moved, Worth worth, int months, Money homeCosts) {
        BigDecimal yearly = worth.discount().percent().value().movePointLeft(2).add(BigDecimal.ONE);
        BigDecimal perPayment = factor(yearly, moved.paymentsPerYear());
        BigDecimal perMonth = factor(yearly, MONTHS_PER_YEAR);
        BigDecimal taxRelief = worth.taxRelief().value().movePointLeft(2);
        BigDecimal home = BigDecimal.valueOf(homeCosts.cents());

        long[] costs = new long[months + 1];
        BigDecimal sum = BigDecimal.valueOf(moved.cashToClose().cents());
        BigDecimal ofPayment = BigDecimal.ONE;
        BigDecimal ofMonth = BigDecimal.ONE;
        int made = 0;
        for (int month = 0; month <= months; month++) {
            for (int due = moved.paymentsBy(month); made < due; made++) {
                ofPayment = ofPayment.multiply(perPayment, DIGITS);
                sum = sum.add(paid(moved, made + 1, taxRelief).multiply(ofPayment), DIGITS);
            }
            if (month > 0) {
                ofMonth = ofMonth.multiply(perMonth, DIGITS);
                BigDecimal beside = home.add(BigDecimal.valueOf(debtsPaid(moved, month)));
                sum = sum.add(beside.multiply(ofMonth), DIGITS);
            }
            BigDecimal owed = BigDecimal.valueOf(moved.owedCents(month) + moved.debtsOwedCents(month));
            costs[month] = Money.nearest(sum.add(owed.multiply(ofMonth))).cents();
        }
        return costs;
    }

    /** What is paid with a payment, tax relief on its interest taken off, in cents. */
    private static BigDecimal paid(MoneyMoved moved, int payment, BigDecimal taxRelief) {
        Schedule schedule = moved.schedule();
        long interest = schedule.interestSoFarCents(payment) - schedule.interestSoFarCents(payment - 1);
        return BigDecimal.valueOf(moved.paidCents(payment) - moved.paidCents(payment - 1))
                .subtract(taxRelief.multiply(BigDecimal.valueOf(interest)));
    }

    private static long debtsPaid(MoneyMoved moved, int month) {
        return moved.debtsPaidCents(month) - moved.debtsPaidCents(month - 1);
    }

    /** What money that is due one period later is worth, of so many periods a year. */
    private static BigDecimal factor(BigDecimal yearly, int periods) {
        return Growth.toThe(yearly, BigDecimal.ONE.negate().divide(BigDecimal.valueOf(periods), DIGITS));
    }
}
