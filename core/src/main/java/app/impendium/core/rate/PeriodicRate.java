package app.impendium.core.rate;

import static app.impendium.core.rate.Growth.DIGITS;

import java.math.BigDecimal;
import java.util.Objects;

/**
 * The interest rate for one payment period: i = (1 + j/m)^(m/p) - 1, where j is the nominal annual rate, m the
 * compounding periods and p the payments a year. Knows the interest on a balance to the cent, half cents decided
 * exactly. Immutable; what an estimate does not need is computed when it is first asked for.
 */
public final class PeriodicRate {
    private final AnnualRate annual;
    private final Compounding compounding;
    private final PaymentFrequency frequency;
    private final double estimate;
    private ExactRate exact;
    private CentInterest interest;
    private PeriodicRate monthly;

    private PeriodicRate(AnnualRate annual, Compounding compounding, PaymentFrequency frequency) {
        this.annual = annual;
        this.compounding = compounding;
        this.frequency = frequency;
        this.estimate = estimate(annual, compounding.perYear(), frequency.perYear());
    }

    /** The rate per payment of an annual rate. */
    public static PeriodicRate of(AnnualRate annual, Compounding compounding, PaymentFrequency frequency) {
        return new PeriodicRate(annual, compounding, frequency);
    }

    /** The rate per payment of another annual rate under the same conventions. */
    public PeriodicRate withAnnual(AnnualRate other) {
        return of(other, compounding, frequency);
    }

    /** The same annual rate, paid monthly. */
    public PeriodicRate monthly() {
        if (monthly == null) {
            // Needed again whenever an accelerated payment is recalculated, and the same each time.
            monthly = of(annual, compounding, PaymentFrequency.MONTHLY);
        }
        return monthly;
    }

    /** Whether another rate compounds and is paid as this one is. */
    public boolean hasConventionsOf(PeriodicRate other) {
        return compounding == other.compounding && frequency == other.frequency;
    }

    public AnnualRate annual() {
        return annual;
    }

    public Compounding compounding() {
        return compounding;
    }

    public PaymentFrequency frequency() {
        return frequency;
    }

    /** The rate as a fraction, to fifty digits: 0.005 is half a percent a payment. */
    public BigDecimal value() {
        return exact().value();
    }

    /** The rate as a fraction, to fifteen digits: for estimates that are checked, never for money. */
    public double estimate() {
        return estimate;
    }

    public boolean isZero() {
        return annual.isZero();
    }

    /** (1 + i)^payments, to fifty digits. */
    public BigDecimal growth(int payments) {
        return BigDecimal.ONE.add(value()).pow(payments, DIGITS);
    }

    /** Interest for one period on a balance from 0 to 999,999,999.99, in cents, half a cent up. */
    public long interestOn(long balanceCents) {
        return interest().on(balanceCents);
    }

    /** Interest for {@code part} of {@code parts} equal parts of a period, without compounding, in cents, half a cent up. */
    public long interestOn(long balanceCents, int part, int parts) {
        return interest().on(balanceCents, part, parts);
    }

    /** The effective annual rate (1 + i)^p - 1, in percent. */
    public BigDecimal effectiveYearlyPercent() {
        return growth(frequency.perYear()).subtract(BigDecimal.ONE).movePointRight(2);
    }

    /** The same rate stated as a nominal yearly one for another compounding q: q((1 + i)^(p/q) - 1), in percent. */
    public BigDecimal nominalPercent(Compounding stated) {
        BigDecimal factor = Growth.power(BigDecimal.ONE.add(value()), frequency.perYear(), stated.perYear());
        return factor.subtract(BigDecimal.ONE)
                .multiply(BigDecimal.valueOf(stated.perYear()))
                .movePointRight(2);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PeriodicRate rate
                && annual.equals(rate.annual)
                && compounding == rate.compounding
                && frequency == rate.frequency;
    }

    @Override
    public int hashCode() {
        return Objects.hash(annual, compounding, frequency);
    }

    @Override
    public String toString() {
        return annual.percent() + " " + compounding + " paid " + frequency;
    }

    /** At most four roundings, each by half of a last digit or little more. */
    private static double estimate(AnnualRate annual, int compoundings, int payments) {
        double perCompounding = annual.percent().value().doubleValue() / (100.0 * compoundings);
        return compoundings == payments
                ? perCompounding
                : Math.expm1(Math.log1p(perCompounding) * compoundings / payments);
    }

    // Two threads may compute these at once: to the same end, and neither is ever seen half done.
    private ExactRate exact() {
        if (exact == null) {
            exact = ExactRate.of(annual, compounding.perYear(), frequency.perYear());
        }
        return exact;
    }

    private CentInterest interest() {
        if (interest == null) {
            interest = CentInterest.of(exact());
        }
        return interest;
    }
}
