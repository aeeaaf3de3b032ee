package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * Rates per year at which advances, less what is paid for having them, are worth the payments.
 *
 * <p>A rate is no amount: it is sought in doubles, whose sixteen digits leave the ninth decimal of a percent certain.
 */
public final class AnnualPercentageRate {
    private static final int DECIMALS = 9;
    private static final double HIGHEST_PER_PERIOD = 10;
    private static final int MOST_STEPS = 200;

    /** Guesses this close to each other have the ninth decimal of a yearly percent in common. */
    private static final double CLOSE = 1e-15;

    private AnnualPercentageRate() {}

    /**
     * The nominal rate by the actuarial method of 12 CFR 1026 Appendix J, in percent, with nine decimals: the rate per
     * unit-period, at which fractions of a period count by simple interest, times the unit-periods a year.
     *
     * @param advances what the client receives, prepaid finance charges already taken off
     * @param payments what the client pays
     * @param unitPeriodsPerYear unit-periods in a year: 12 for monthly payments
     * @throws CaseException if the payments do not exceed the advances, or exceed them beyond any rate
     */
    public static BigDecimal of(List<FlowRun> advances, List<FlowRun> payments, int unitPeriodsPerYear) {
        double rate = ratePerPeriod(advances, payments, PartOfPeriod.SIMPLE_INTEREST);
        return percent(BigDecimal.valueOf(rate).multiply(BigDecimal.valueOf(unitPeriodsPerYear)));
    }

    /**
     * The effective rate of Annex I of Directive 2014/17/EU and MCOB 10A of the FCA Handbook, in percent, with nine
     * decimals: the annual rate at which every flow is discounted by compound interest.
     *
     * @throws CaseException if the payments do not exceed the advances, or exceed them beyond any rate
     */
    public static BigDecimal effective(List<FlowRun> advances, List<FlowRun> payments, int periodsPerYear) {
        double rate = ratePerPeriod(advances, payments, PartOfPeriod.COMPOUND_INTEREST);
        return percent(BigDecimal.valueOf(Math.expm1(periodsPerYear * Math.log1p(rate))));
    }

    private static BigDecimal percent(BigDecimal fraction) {
        return fraction.movePointRight(2).setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    private static double ratePerPeriod(List<FlowRun> advances, List<FlowRun> payments, PartOfPeriod part) {
        if (sum(payments).compareTo(sum(advances)) < 0 || sum(advances).cents() <= 0) {
            throw CaseException.of(
                    Parameter.PAYMENTS,
                    Code.NEVER_REPAID,
                    sum(payments).toValue(),
                    sum(advances).toValue());
        }
        if (payments.stream().allMatch(FlowRun::isAtStart)
                || Worth.of(payments, HIGHEST_PER_PERIOD, part).amount()
                        > Worth.of(advances, HIGHEST_PER_PERIOD, part).amount()) {
            throw CaseException.of(
                    Parameter.PAYMENTS, Code.BEYOND_ANY_RATE, sum(payments).toValue());
        }
        return solved(advances, payments, part);
    }

    /** Newton's method from the slope at each guess, held between bounds that close in; by halves where it would leave them. */
    private static double solved(List<FlowRun> advances, List<FlowRun> payments, PartOfPeriod part) {
        double low = 0;
        double high = HIGHEST_PER_PERIOD;
        double rate = low;
        for (int step = 0; step < MOST_STEPS && high - low > CLOSE; step++) {
            Worth paid = Worth.of(payments, rate, part);
            Worth received = Worth.of(advances, rate, part);
            double gap = paid.amount() - received.amount();
            // The higher the rate, the less later payments are worth beside the advances.
            if (gap >= 0) {
                low = rate;
            } else {
                high = rate;
            }
            double next = rate - gap / (paid.slope() - received.slope());
            if (Math.abs(next - rate) < CLOSE) {
                return next;
            }
            rate = next > low && next < high ? next : (low + high) / 2;
        }
        return rate;
    }

    /** How a part of a period bears interest. */
    private enum PartOfPeriod {
        SIMPLE_INTEREST {
            @Override
            double growth(double rate, double part) {
                return 1 + rate * part;
            }

            @Override
            double relativeSlope(double rate, double part) {
                return part / growth(rate, part);
            }
        },
        COMPOUND_INTEREST {
            @Override
            double growth(double rate, double part) {
                return Math.pow(1 + rate, part);
            }

            @Override
            double relativeSlope(double rate, double part) {
                return part / (1 + rate);
            }
        };

        /** What one unit grows to in a part of a period, from 0 to below 1. */
        abstract double growth(double rate, double part);

        /** How fast that changes with the rate, as a share of it. */
        abstract double relativeSlope(double rate, double part);
    }

    /**
     * What flows are worth at a rate.
     *
     * @param amount in cents
     * @param slope by how much that changes with the rate
     */
    private record Worth(double amount, double slope) {
        static Worth of(List<FlowRun> runs, double rate, PartOfPeriod part) {
            double amount = 0;
            double slope = 0;
            for (FlowRun run : runs) {
                Annuity annuity = Annuity.of(run.times(), rate);
                int whole = run.first().whole();
                double fraction = run.first().fraction();
                double first = run.amount().cents() * Math.pow(1 + rate, -whole) / part.growth(rate, fraction);
                double worth = first * annuity.amount();
                amount += worth;
                slope += first * annuity.slope() - worth * (whole / (1 + rate) + part.relativeSlope(rate, fraction));
            }
            return new Worth(amount, slope);
        }
    }

    /**
     * What payments of one, the first at once and one period apart, are worth.
     *
     * @param amount in closed form: (1 + r)(1 - (1 + r)^-n) / r
     * @param slope by how much that changes with the rate
     */
    private record Annuity(double amount, double slope) {
        /** Below it the closed form of the slope loses its digits, while the slope hardly changes any more. */
        private static final double SMALL_RATE = 1e-6;

        static Annuity of(int times, double rate) {
            if (times == 1) {
                return new Annuity(1, 0);
            }
            if (rate == 0) {
                return new Annuity(times, slopeWithoutInterest(times));
            }
            // Through logarithms, so that a rate close to nothing keeps its digits.
            double discounted = -Math.expm1(-times * Math.log1p(rate));
            double slope = rate < SMALL_RATE
                    ? slopeWithoutInterest(times)
                    : (times * rate * (1 - discounted) - discounted) / (rate * rate);
            return new Annuity((1 + rate) * discounted / rate, slope);
        }

        private static double slopeWithoutInterest(int times) {
            return -0.5 * times * (times - 1);
        }
    }

    private static Money sum(List<FlowRun> flows) {
        return flows.stream().map(FlowRun::sum).reduce(Money.ZERO, Money::plus);
    }
}
