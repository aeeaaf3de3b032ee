package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.core.target.Target;
import java.time.DateTimeException;
import java.time.LocalDate;

/** What a target can be about. */
enum TargetKind {
    /** All in at most so many cents a month. */
    MONTHLY_TOTAL {
        @Override
        Target within(String limit, String by) {
            return new Target.MonthlyTotal(cents(limit));
        }
    },
    /** At most so many cents of principal and interest with each payment. */
    PAYMENT {
        @Override
        Target within(String limit, String by) {
            return new Target.Payment(cents(limit));
        }
    },
    /** Paid off by a day. */
    PAID_OFF_BY {
        @Override
        Target within(String limit, String by) {
            return new Target.PaidOffBy(day(limit, Parameter.LIMIT));
        }
    },
    /** At most so many cents of interest. */
    TOTAL_INTEREST {
        @Override
        Target within(String limit, String by) {
            return new Target.TotalInterest(cents(limit));
        }
    },
    /** At most so many cents owed by a day. */
    BALANCE_BY {
        @Override
        Target within(String limit, String by) {
            return new Target.BalanceBy(cents(limit), day(by, Parameter.BY));
        }
    };

    /**
     * The target to stay within a limit.
     *
     * @param by the day that some are about; empty for none
     * @throws CaseException if either is not what this target is about
     */
    abstract Target within(String limit, String by);

    private static Money cents(String limit) {
        try {
            return Money.ofCents(Long.parseLong(limit));
        } catch (NumberFormatException noAmount) {
            throw refused(limit, Parameter.LIMIT, Code.NOT_AN_AMOUNT);
        }
    }

    private static LocalDate day(String given, String parameter) {
        try {
            return LocalDate.parse(given);
        } catch (DateTimeException noDay) {
            throw refused(given, parameter, Code.NOT_A_DAY);
        }
    }

    private static CaseException refused(String given, String parameter, Code code) {
        return CaseException.of(parameter, code, new Value.Text(Shortened.echo(given)));
    }
}
