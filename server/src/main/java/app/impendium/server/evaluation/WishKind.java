package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.wish.Wish;
import java.time.DateTimeException;
import java.time.LocalDate;

/** What a wish can be about. */
enum WishKind {
    /** All in at most so many cents a month. */
    MONTHLY_TOTAL {
        @Override
        Wish within(String limit) {
            return new Wish.MonthlyTotal(cents(limit));
        }
    },
    /** Paid off by a day. */
    PAID_OFF_BY {
        @Override
        Wish within(String limit) {
            try {
                return new Wish.PaidOffBy(LocalDate.parse(limit));
            } catch (DateTimeException noDay) {
                throw refused(limit, "a day such as 2045-06-30");
            }
        }
    },
    /** At most so many cents of interest. */
    TOTAL_INTEREST {
        @Override
        Wish within(String limit) {
            return new Wish.TotalInterest(cents(limit));
        }
    };

    private static final int MOST_ECHOED = 40;

    /**
     * The wish to stay within a limit.
     *
     * @throws CaseException if the limit is not what this wish is about
     */
    abstract Wish within(String limit);

    private static Money cents(String limit) {
        try {
            return Money.ofCents(Long.parseLong(limit));
        } catch (NumberFormatException noAmount) {
            throw refused(limit, "an amount in whole cents");
        }
    }

    private static CaseException refused(String limit, String allowed) {
        String given = limit.length() <= MOST_ECHOED ? limit : limit.substring(0, MOST_ECHOED) + "…";
        return CaseException.of("limit", given, allowed);
    }
}
