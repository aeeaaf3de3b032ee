package app.impendium.core.compare;

import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.Growth;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * What an option's flows are worth on the day the loan is paid out, in whole cents, half a cent up.
 *
 * <p>The sum is estimated in {@code double} with a bound on the error. Only where it lies that close to a half cent, about
 * once in ten thousand, is it summed to forty digits.
 */
final class PresentWorth {
    /** An amount of thirteen digits to the cent, and twenty-five digits beyond. */
    private static final MathContext DIGITS = new MathContext(40, RoundingMode.HALF_EVEN);

    /**
     * The estimate's error is less than this share of all that moves: the yearly factor is right to 2^-52, which fifty years
     * raise to 2^-46; powers, products and the compensated sum add less than that.
     */
    private static final double ERROR = 0x1p-43;

    private static final double YEARLY_MONTHS = 12;
    private static final int MONTHS_PER_YEAR = 12;

    private final MoneyMoved moved;
    private final Schedule schedule;
    private final int perYear;
    private final BigDecimal yearly;
    private final BigDecimal taxRelief;
    private final long homeCosts;

    /** @param homeCosts what the home costs a month besides, zero where it does not count */
    PresentWorth(MoneyMoved moved, Worth worth, Money homeCosts) {
        this.moved = moved;
        this.schedule = moved.schedule();
        this.perYear = moved.paymentsPerYear();
        this.yearly = worth.discount().percent().value().movePointLeft(2).add(BigDecimal.ONE);
        this.taxRelief = worth.taxRelief().value().movePointLeft(2);
        this.homeCosts = homeCosts.cents();
    }

    /** The worth if the option is kept for 0, 1, 2, … months. */
    long[] upTo(int months) {
        double discount = 1 / yearly.doubleValue();
        double relief = taxRelief.doubleValue();
        long[] worth = new long[months + 1];
        Sum sum = new Sum(moved.cashToClose().cents());
        int made = 0;
        for (int month = 0; month <= months; month++) {
            for (int due = moved.paymentsBy(month); made < due; made++) {
                double flow = paid(made + 1) - relief * interest(made + 1);
                sum.add(flow * Math.pow(discount, (made + 1.0) / perYear));
            }
            double ofMonth = Math.pow(discount, month / YEARLY_MONTHS);
            if (month > 0) {
                sum.add(beside(month) * ofMonth);
            }
            double owed = owed(month) * ofMonth;
            worth[month] = settled(sum.total + owed, (sum.moved + owed) * ERROR, month);
        }
        return worth;
    }

    /** A sum that keeps track of what it loses to rounding (Kahan), and of how much was added in all. */
    private static final class Sum {
        private double total;
        private double lost;
        private double moved;

        Sum(double first) {
            total = first;
            moved = Math.abs(first);
        }

        void add(double flow) {
            double corrected = flow - lost;
            double next = total + corrected;
            lost = next - total - corrected;
            total = next;
            moved += Math.abs(flow);
        }
    }

    private long settled(double estimate, double error, int month) {
        double halfUp = estimate + 0.5;
        boolean isTooClose = Math.abs(halfUp - Math.rint(halfUp)) <= error;
        return isTooClose ? exactly(month) : (long) Math.floor(halfUp);
    }

    /** The same summed to forty digits and rounded once. */
    long exactly(int month) {
        BigDecimal perPayment = factor(perYear);
        BigDecimal perMonth = factor(MONTHS_PER_YEAR);
        BigDecimal sum = BigDecimal.valueOf(moved.cashToClose().cents());
        BigDecimal ofPayment = BigDecimal.ONE;
        int due = moved.paymentsBy(month);
        for (int payment = 1; payment <= due; payment++) {
            ofPayment = ofPayment.multiply(perPayment, DIGITS);
            BigDecimal flow = BigDecimal.valueOf(paid(payment))
                    .subtract(taxRelief.multiply(BigDecimal.valueOf(interest(payment))));
            sum = sum.add(flow.multiply(ofPayment), DIGITS);
        }
        BigDecimal ofMonth = BigDecimal.ONE;
        for (int passed = 1; passed <= month; passed++) {
            ofMonth = ofMonth.multiply(perMonth, DIGITS);
            sum = sum.add(BigDecimal.valueOf(beside(passed)).multiply(ofMonth), DIGITS);
        }
        return Money.nearest(sum.add(BigDecimal.valueOf(owed(month)).multiply(ofMonth)))
                .cents();
    }

    private long paid(int payment) {
        return moved.paidCents(payment) - moved.paidCents(payment - 1);
    }

    private long interest(int payment) {
        return schedule.interestSoFarCents(payment) - schedule.interestSoFarCents(payment - 1);
    }

    /** What is paid beside the loan at the end of a month. */
    private long beside(int month) {
        return homeCosts + moved.debtsPaidCents(month) - moved.debtsPaidCents(month - 1);
    }

    private long owed(int month) {
        return moved.owedCents(month) + moved.debtsOwedCents(month);
    }

    /** What money that is due one period later is worth, of so many periods a year. */
    private BigDecimal factor(int periods) {
        return Growth.toThe(yearly, BigDecimal.ONE.negate().divide(BigDecimal.valueOf(periods), DIGITS));
    }
}
