package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A gross income. Immutable.
 *
 * @param amount each time it is earned, from 0.00 to {@link Money#LARGEST}
 * @param countedPercent the share that a lender counts, from 0 to 125 %: untaxed income may be grossed up
 */
public record Income(Money amount, Earned earned, BigDecimal countedPercent) {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final BigDecimal HUNDRED_TIMES_MONTHS = BigDecimal.valueOf(1200);
    private static final int MOST_DECIMALS = 6;

    /** The largest share that is counted, in percent. */
    public static final int MOST_COUNTED_PERCENT = 125;

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public Income {
        Findings findings = new Findings();
        Money each = amount;
        BigDecimal share = countedPercent;
        findings.group("", () -> each.within(Money.ZERO, Money.LARGEST, Entry.AMOUNT));
        findings.group("", () -> checkedShare(share));
        findings.throwIfAny();
    }

    /** What is counted of it a month: rounded once to the nearest cent, half a cent up. */
    public Money monthly() {
        return counted(HUNDRED_TIMES_MONTHS);
    }

    /** What is counted of it in a year, rounded likewise: a salary of 52,000.00 is that, whatever a twelfth of it comes to. */
    public Money yearly() {
        return counted(HUNDRED);
    }

    private Money counted(BigDecimal parts) {
        return Money.ofCents(BigDecimal.valueOf(amount.cents())
                .multiply(earned.timesAYear())
                .multiply(countedPercent)
                .divide(parts, 0, RoundingMode.HALF_UP)
                .longValueExact());
    }

    private static BigDecimal checkedShare(BigDecimal percent) {
        if (percent.signum() < 0 || percent.compareTo(BigDecimal.valueOf(MOST_COUNTED_PERCENT)) > 0) {
            throw CaseException.of(
                    Entry.COUNTED,
                    Code.OUT_OF_RANGE,
                    new Value.Percentage(percent),
                    Value.Percentage.of(0),
                    Value.Percentage.of(MOST_COUNTED_PERCENT));
        }
        if (percent.signum() != 0 && percent.stripTrailingZeros().scale() > MOST_DECIMALS) {
            throw CaseException.of(
                    Entry.COUNTED,
                    Code.TOO_MANY_DECIMALS,
                    new Value.Percentage(percent),
                    new Value.Count(MOST_DECIMALS));
        }
        return percent;
    }
}
