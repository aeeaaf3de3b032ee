package app.impendium.core.pricing;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import java.math.BigDecimal;

/**
 * Discount points in percent of the loan: 1 is one point; negative is a lender credit. From −10 to 10 with at most three
 * decimals. Immutable.
 */
public record SignedPoints(BigDecimal percent) implements Comparable<SignedPoints> {
    private static final int MOST = 10;
    private static final int MOST_DECIMALS = 3;

    /** Neither points nor a credit. */
    public static final SignedPoints NONE = new SignedPoints(BigDecimal.ZERO);

    /**
     * @throws CaseException if they are outside their range or have more than three decimals
     */
    public SignedPoints {
        if (percent.abs().compareTo(BigDecimal.valueOf(MOST)) > 0) {
            throw CaseException.of(
                    Entry.POINTS,
                    Code.OUT_OF_RANGE,
                    new Value.Percentage(percent),
                    Value.Percentage.of(-MOST),
                    Value.Percentage.of(MOST));
        }
        if (percent.signum() != 0 && percent.stripTrailingZeros().scale() > MOST_DECIMALS) {
            throw CaseException.of(
                    Entry.POINTS,
                    Code.TOO_MANY_DECIMALS,
                    new Value.Percentage(percent),
                    new Value.Count(MOST_DECIMALS));
        }
    }

    /** What they cost on a loan, to the nearest cent, half a cent up; negative for a credit. */
    public Money on(Money loan) {
        BigDecimal cents =
                percent.abs().multiply(BigDecimal.valueOf(loan.cents())).movePointLeft(2);
        return percent.signum() < 0 ? Money.ZERO.minus(Money.nearest(cents)) : Money.nearest(cents);
    }

    public SignedPoints plus(SignedPoints other) {
        return new SignedPoints(percent.add(other.percent));
    }

    public boolean isPositive() {
        return percent.signum() > 0;
    }

    @Override
    public int compareTo(SignedPoints other) {
        return percent.compareTo(other.percent);
    }
}
