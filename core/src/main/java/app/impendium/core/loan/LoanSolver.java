package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.core.solve.Boundary;
import java.math.BigDecimal;
import java.util.function.LongFunction;

/**
 * Any one of loan amount, rate, number of payments and balance at the end from the others and a payment that must not be
 * exceeded. The payment itself is {@link LevelPayment}. Every answer is sharp: it keeps to the payment, and one step more
 * (a cent, a millionth of a percent, a payment) does not.
 */
public final class LoanSolver {
    private static final int RATE_DECIMALS = 6;
    private static final int MOST_YEARS = 50;
    private static final int MONTHS_PER_YEAR = 12;

    private LoanSolver() {}

    /**
     * The largest loan whose level payment is at most {@code payment}.
     *
     * @throws CaseException if not even the smallest loan above the balloon keeps to it
     */
    public static Money largestAmount(
            PeriodicRate rate, int payments, Money payment, Money balloon, PaymentRounding rounding) {
        LongFunction<Money> paymentFor =
                amount -> LevelPayment.of(new PaymentBasis(Money.ofCents(amount), balloon, rate, payments), rounding);
        long least = balloon.cents() + 1;
        return Money.ofCents(Boundary.largest(
                        least, Money.LARGEST.cents(), amount -> keeps(paymentFor, amount, payment))
                .orElseThrow(() -> none(payment, paymentFor.apply(least), Code.PAYMENT_BELOW_BALLOON_INTEREST)));
    }

    /**
     * The highest annual rate, to the millionth of a percent and up to 30 %, at which the level payment is at most {@code
     * payment}.
     *
     * @param conventions a rate whose compounding and frequency apply
     * @throws CaseException if not even a loan without interest keeps to it
     */
    public static AnnualRate highestRate(
            Money amount,
            PeriodicRate conventions,
            int payments,
            Money payment,
            Money balloon,
            PaymentRounding rounding) {
        LongFunction<Money> paymentFor = millionths -> LevelPayment.of(
                new PaymentBasis(amount, balloon, conventions.withAnnual(rateOf(millionths)), payments), rounding);
        long highest = AnnualRate.HIGHEST.movePointRight(RATE_DECIMALS).longValueExact();
        long guess = new RateGuess(amount, conventions, payments, balloon).millionths(payment, highest);
        return rateOf(Boundary.largestNear(guess, 0, highest, millionths -> keeps(paymentFor, millionths, payment))
                .orElseThrow(() -> none(payment, paymentFor.apply(0), Code.PAYMENT_BELOW_PRINCIPAL)));
    }

    /**
     * The fewest payments, up to fifty years' worth, with a level payment of at most {@code payment}. An accelerated loan
     * runs over whole months.
     *
     * @throws CaseException if not even fifty years keep to it
     */
    public static int fewestPayments(
            Money amount, PeriodicRate rate, Money payment, Money balloon, PaymentRounding rounding) {
        PaymentFrequency frequency = rate.frequency();
        int step = frequency.isAccelerated() ? frequency.perYear() / greatestCommonDivisor(frequency.perYear()) : 1;
        int mostSteps = MOST_YEARS * frequency.perYear() / step;
        LongFunction<Money> paymentFor = steps ->
                LevelPayment.of(new PaymentBasis(amount, balloon, rate, Math.toIntExact(steps * step)), rounding);
        long steps = Boundary.smallest(1, mostSteps, number -> keeps(paymentFor, number, payment))
                .orElseThrow(() -> none(payment, paymentFor.apply(mostSteps), Code.PAYMENT_BELOW_LONGEST_TERM));
        return Math.toIntExact(steps * step);
    }

    /**
     * The smallest balance left at the end with which the level payment is at most {@code payment}.
     *
     * @throws CaseException if not even leaving all but a cent keeps to it
     */
    public static Money smallestBalloon(
            Money amount, PeriodicRate rate, int payments, Money payment, PaymentRounding rounding) {
        LongFunction<Money> paymentFor =
                balloon -> LevelPayment.of(new PaymentBasis(amount, Money.ofCents(balloon), rate, payments), rounding);
        long most = amount.cents() - 1;
        return Money.ofCents(Boundary.smallest(0, most, balloon -> keeps(paymentFor, balloon, payment))
                .orElseThrow(() -> none(payment, paymentFor.apply(most), Code.PAYMENT_BELOW_INTEREST_ALONE)));
    }

    private static boolean keeps(LongFunction<Money> paymentFor, long step, Money most) {
        return !paymentFor.apply(step).isAbove(most);
    }

    private static AnnualRate rateOf(long millionths) {
        return AnnualRate.ofPercent(BigDecimal.valueOf(millionths, RATE_DECIMALS));
    }

    private static int greatestCommonDivisor(int perYear) {
        return BigDecimal.valueOf(perYear)
                .toBigInteger()
                .gcd(BigDecimal.valueOf(MONTHS_PER_YEAR).toBigInteger())
                .intValue();
    }

    private static CaseException none(Money given, Money least, Code why) {
        return CaseException.of(Parameter.PAYMENT, why, given.toValue(), least.toValue());
    }
}
