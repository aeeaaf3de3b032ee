package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.PaymentFrequency;

/**
 * How long a loan runs, in months: from 1 to 600. Immutable.
 *
 * @param months the whole term, so 330 for 27 years and 6 months
 */
public record LoanTerm(int months) {
    /** The longest term: fifty years. */
    public static final int MOST_MONTHS = 600;

    private static final int MONTHS_A_YEAR = 12;

    /**
     * @throws CaseException if it is shorter than a month or longer than fifty years
     */
    public LoanTerm {
        if (months < 1 || months > MOST_MONTHS) {
            throw CaseException.of("term", inWords(months), "1 month to 50 years");
        }
    }

    public static LoanTerm ofYears(int years) {
        return new LoanTerm(Math.multiplyExact(years, MONTHS_A_YEAR));
    }

    /**
     * The number of payments in this term.
     *
     * @throws CaseException if it is not a whole number, as seven months paid weekly
     */
    public int payments(PaymentFrequency frequency) {
        int yearly = months * frequency.perYear();
        if (yearly % MONTHS_A_YEAR != 0) {
            int step = shortestWholeMonths(frequency);
            int below = months / step * step;
            String allowed = (below == 0 ? "" : inWords(below) + " or ") + inWords(below + step);
            throw CaseException.of(
                    "term",
                    words(),
                    allowed,
                    words() + " is not a whole number of these payments: the nearest terms are " + allowed + ".");
        }
        return yearly / MONTHS_A_YEAR;
    }

    /** The fewest months that hold whole payments: 12 for yearly, 3 for weekly, 1 for monthly. */
    public static int shortestWholeMonths(PaymentFrequency frequency) {
        int step = 1;
        while (step * frequency.perYear() % MONTHS_A_YEAR != 0) {
            step++;
        }
        return step;
    }

    /** As a person says it: 27 years 6 months. */
    public String words() {
        return inWords(months);
    }

    private static String inWords(int months) {
        int years = months / MONTHS_A_YEAR;
        int rest = months % MONTHS_A_YEAR;
        if (years == 0) {
            return count(rest, "month");
        }
        return rest == 0 ? count(years, "year") : count(years, "year") + " " + count(rest, "month");
    }

    private static String count(int number, String unit) {
        return number + " " + unit + (number == 1 ? "" : "s");
    }
}
