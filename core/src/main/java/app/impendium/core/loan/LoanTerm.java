package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Value;
import app.impendium.core.rate.PaymentFrequency;
import java.util.ArrayList;
import java.util.List;

/**
 * How long a loan runs, in months: from 1 to 600. Immutable.
 *
 * @param months the whole term, so 330 for 27 years and 6 months
 */
public record LoanTerm(int months) {
    /** The longest term: fifty years. */
    public static final int MOST_MONTHS = 600;

    private static final int MONTHS_PER_YEAR = 12;

    /**
     * @throws CaseException if it is shorter than a month or longer than fifty years
     */
    public LoanTerm {
        if (months < 1 || months > MOST_MONTHS) {
            throw CaseException.of(
                    Field.AMORTIZATION,
                    Code.OUT_OF_RANGE,
                    new Value.Months(months),
                    new Value.Months(1),
                    new Value.Months(MOST_MONTHS));
        }
    }

    public static LoanTerm ofYears(int years) {
        return new LoanTerm(Math.multiplyExact(years, MONTHS_PER_YEAR));
    }

    /**
     * The number of payments in this term.
     *
     * @throws CaseException if it is not a whole number, as seven months paid weekly
     */
    public int payments(PaymentFrequency frequency) {
        int yearly = months * frequency.perYear();
        if (yearly % MONTHS_PER_YEAR != 0) {
            int step = shortestWholeMonths(frequency);
            int below = months / step * step;
            List<Value> told = new ArrayList<>(List.of(new Value.Months(months)));
            if (below > 0) {
                told.add(new Value.Months(below));
            }
            told.add(new Value.Months(below + step));
            throw new CaseException(List.of(new Finding(Field.AMORTIZATION, Code.TERM_SPLITS_PAYMENTS, told)));
        }
        return yearly / MONTHS_PER_YEAR;
    }

    /** The fewest months that hold whole payments: 12 for yearly, 3 for weekly, 1 for monthly. */
    public static int shortestWholeMonths(PaymentFrequency frequency) {
        int step = 1;
        while (step * frequency.perYear() % MONTHS_PER_YEAR != 0) {
            step++;
        }
        return step;
    }
}
