package app.impendium.core.loan;

import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * The rules of a schedule written down as slowly and as plainly as can be, in decimals of the currency's unit: what the
 * engine is held against. Shares nothing with it but the terms.
 */
public final class PlainSchedule {
    private static final MathContext DIGITS = new MathContext(60);
    private static final BigDecimal ZERO = new BigDecimal("0.00");

    /** A line in units of the currency. */
    public record Line(BigDecimal interest, BigDecimal principal, BigDecimal extra, BigDecimal balance) {}

    /** The payment does not exceed the interest, or an accelerated one would be a share of part of a month's. */
    static final class NoAnswer extends RuntimeException {}

    private final LoanTerms terms;
    private final List<Line> lines = new ArrayList<>();

    private PlainSchedule(LoanTerms terms) {
        this.terms = terms;
    }

    /** Every line of a loan. */
    public static List<Line> of(LoanTerms terms) {
        PlainSchedule schedule = new PlainSchedule(terms);
        schedule.pay();
        return schedule.lines;
    }

    private void pay() {
        BigDecimal balance = units(terms.amount().cents());
        AnnualRate annual = terms.rate().annual();
        int interestOnly = terms.features().interestOnlyPayments();
        BigDecimal due = terms.features().regular() instanceof RegularPayment.Custom chosen
                ? units(chosen.amount().cents())
                : payment(balance, annual, terms.payments() - interestOnly);
        boolean repaysNothing = false;
        for (int k = 1; k <= terms.payments() && balance.signum() > 0; k++) {
            for (RateChange change : terms.features().rateChanges()) {
                if (change.fromPayment() == k) {
                    annual = change.rate().annual();
                    due = payment(balance, annual, terms.payments() - Math.max(k - 1, interestOnly));
                    repaysNothing = isAllLeftAtEnd(balance);
                }
            }
            for (PaymentStep step : terms.features().steps()) {
                if (step.fromPayment() == k) {
                    due = units(step.amount().cents());
                    repaysNothing = false;
                }
            }
            BigDecimal interest = balance.multiply(rate(annual, terms.rate().frequency()))
                    .setScale(40, RoundingMode.HALF_EVEN)
                    .setScale(2, RoundingMode.HALF_UP);
            BigDecimal principal = k <= interestOnly ? ZERO : due.subtract(interest);
            if (k == terms.payments() || principal.compareTo(balance) >= 0) {
                principal = balance;
            } else if (k > interestOnly && principal.signum() <= 0) {
                if (!repaysNothing) {
                    throw new NoAnswer();
                }
                principal = ZERO;
            }
            balance = balance.subtract(principal);
            BigDecimal extra = extra(k).min(balance);
            balance = balance.subtract(extra);
            lines.add(new Line(interest, principal, extra, balance));
            if (extra.signum() > 0 && balance.signum() > 0 && terms.features().extraEffect() == ExtraEffect.RECAST) {
                due = payment(balance, annual, terms.payments() - Math.max(k, interestOnly));
                repaysNothing = true;
            }
        }
    }

    private boolean isAllLeftAtEnd(BigDecimal balance) {
        return units(terms.features().balloon().cents()).compareTo(balance) >= 0;
    }

    private BigDecimal extra(int payment) {
        BigDecimal sum = ZERO;
        for (ExtraPayment extra : terms.features().extras()) {
            boolean inTime = payment >= extra.first() && payment <= extra.last();
            if (inTime && (payment - extra.first()) % extra.every() == 0) {
                sum = sum.add(units(extra.amount().cents()));
            }
        }
        return sum;
    }

    private BigDecimal payment(BigDecimal balance, AnnualRate annual, int payments) {
        PaymentFrequency frequency = terms.rate().frequency();
        return switch (frequency) {
            case ACCELERATED_BIWEEKLY ->
                rounded(monthly(balance, annual, payments, 26).divide(new BigDecimal(2)));
            case ACCELERATED_WEEKLY ->
                rounded(monthly(balance, annual, payments, 52).divide(new BigDecimal(4)));
            default -> level(balance, rate(annual, frequency), payments);
        };
    }

    private BigDecimal monthly(BigDecimal balance, AnnualRate annual, int payments, int perYear) {
        if (payments * 12 % perYear != 0) {
            throw new NoAnswer();
        }
        return level(balance, rate(annual, PaymentFrequency.MONTHLY), payments * 12 / perYear);
    }

    private BigDecimal level(BigDecimal balance, BigDecimal i, int payments) {
        BigDecimal balloon = units(terms.features().balloon().cents()).min(balance);
        if (i.signum() == 0) {
            return rounded(balance.subtract(balloon).divide(new BigDecimal(payments), DIGITS));
        }
        BigDecimal v = BigDecimal.ONE.divide(BigDecimal.ONE.add(i).pow(payments, DIGITS), DIGITS);
        BigDecimal exact = balance.subtract(balloon.multiply(v)).multiply(i).divide(BigDecimal.ONE.subtract(v), DIGITS);
        return rounded(exact);
    }

    private BigDecimal rounded(BigDecimal exact) {
        RoundingMode mode =
                terms.rounding() == PaymentRounding.UP_TO_CENT ? RoundingMode.CEILING : RoundingMode.HALF_UP;
        return exact.setScale(30, RoundingMode.HALF_EVEN).setScale(2, mode);
    }

    /** (1 + j/m)^(m/p) - 1 by the exponential series, which needs no root. */
    private BigDecimal rate(AnnualRate annual, PaymentFrequency frequency) {
        BigDecimal j = annual.percent().value().movePointLeft(2);
        BigDecimal m = new BigDecimal(terms.rate().compounding().perYear());
        BigDecimal p = new BigDecimal(frequency.perYear());
        if (m.compareTo(p) == 0) {
            return j.divide(p, DIGITS);
        }
        BigDecimal logarithm = logarithm(BigDecimal.ONE.add(j.divide(m, DIGITS)));
        return exponential(logarithm.multiply(m).divide(p, DIGITS)).subtract(BigDecimal.ONE);
    }

    /** ln x = 2 artanh((x - 1)/(x + 1)). */
    private static BigDecimal logarithm(BigDecimal x) {
        BigDecimal y = x.subtract(BigDecimal.ONE).divide(x.add(BigDecimal.ONE), DIGITS);
        BigDecimal square = y.multiply(y, DIGITS);
        BigDecimal power = y;
        BigDecimal sum = BigDecimal.ZERO;
        for (int k = 1; k < 200; k += 2) {
            sum = sum.add(power.divide(new BigDecimal(k), DIGITS), DIGITS);
            power = power.multiply(square, DIGITS);
        }
        return sum.multiply(new BigDecimal(2));
    }

    private static BigDecimal exponential(BigDecimal x) {
        BigDecimal term = BigDecimal.ONE;
        BigDecimal sum = BigDecimal.ONE;
        for (int k = 1; k < 60; k++) {
            term = term.multiply(x, DIGITS).divide(new BigDecimal(k), DIGITS);
            sum = sum.add(term, DIGITS);
        }
        return sum;
    }

    private static BigDecimal units(long cents) {
        return BigDecimal.valueOf(cents, 2);
    }
}
