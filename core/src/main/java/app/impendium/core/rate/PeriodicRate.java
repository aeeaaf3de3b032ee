package app.impendium.core.rate;

import static app.impendium.core.rate.Growth.DIGITS;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * The interest rate for one payment period: i = (1 + j/m)^(m/p) - 1, where j is the nominal yearly rate, m the
 * compounding periods and p the payments a year. Knows the interest on a balance to the cent, half cents decided
 * exactly. Immutable.
 */
public final class PeriodicRate {
    private final BigDecimal value;
    private final CentInterest interest;

    private PeriodicRate(BigDecimal value, CentInterest interest) {
        this.value = value;
        this.interest = interest;
    }

    /** The rate per payment of a yearly rate. */
    public static PeriodicRate of(AnnualRate rate, Compounding compounding, PaymentFrequency frequency) {
        return of(rate, compounding.perYear(), frequency.perYear());
    }

    private static PeriodicRate of(AnnualRate rate, int compoundings, int payments) {
        // Where whole compounding periods make up a payment period, the rate is a fraction of whole numbers and true
        // half cents exist; elsewhere it is irrational and they do not.
        if (rate.isZero() || compoundings % payments == 0) {
            return rational(rate, compoundings, Math.max(1, compoundings / payments));
        }
        int shared = BigInteger.valueOf(compoundings)
                .gcd(BigInteger.valueOf(payments))
                .intValue();
        BigDecimal perCompounding = rate.percent().value().divide(BigDecimal.valueOf(100L * compoundings), DIGITS);
        BigDecimal value = Growth.power(BigDecimal.ONE.add(perCompounding), compoundings / shared, payments / shared)
                .subtract(BigDecimal.ONE);
        return new PeriodicRate(value, CentInterest.irrational(value));
    }

    private static PeriodicRate rational(AnnualRate rate, int compoundings, int periods) {
        BigDecimal percent = rate.percent().value();
        BigInteger unit = BigInteger.TEN.pow(percent.scale()).multiply(BigInteger.valueOf(100L * compoundings));
        BigInteger denominator = unit.pow(periods);
        BigInteger numerator = unit.add(percent.unscaledValue()).pow(periods).subtract(denominator);
        BigDecimal value = new BigDecimal(numerator).divide(new BigDecimal(denominator), DIGITS);
        return new PeriodicRate(value, CentInterest.rational(value, numerator, denominator));
    }

    /** The rate as a fraction, to fifty digits: 0.005 is half a percent a payment. */
    public BigDecimal value() {
        return value;
    }

    public boolean isZero() {
        return value.signum() == 0;
    }

    /** (1 + i)^payments, to fifty digits. */
    public BigDecimal growth(int payments) {
        return BigDecimal.ONE.add(value).pow(payments, DIGITS);
    }

    /** Interest for one period on a balance from 0 to 999,999,999.99, in cents, half a cent up. */
    public long interestOn(long balanceCents) {
        return interest.on(balanceCents);
    }

    /** The effective yearly rate (1 + i)^p - 1, in percent. */
    public BigDecimal effectiveYearlyPercent(PaymentFrequency frequency) {
        return growth(frequency.perYear()).subtract(BigDecimal.ONE).movePointRight(2);
    }

    /** The same rate stated as a nominal yearly one for another compounding q: q((1 + i)^(p/q) - 1), in percent. */
    public BigDecimal nominalPercent(PaymentFrequency frequency, Compounding stated) {
        BigDecimal factor = Growth.power(BigDecimal.ONE.add(value), frequency.perYear(), stated.perYear());
        return factor.subtract(BigDecimal.ONE)
                .multiply(BigDecimal.valueOf(stated.perYear()))
                .movePointRight(2);
    }
}
