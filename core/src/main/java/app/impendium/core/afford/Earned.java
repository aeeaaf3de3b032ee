package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;

/** How an income's amount is earned over a year. */
public sealed interface Earned {

    /** How many times its amount is earned in a year. */
    BigDecimal timesAYear();

    /** The amount each period. */
    record Each(PayPeriod period) implements Earned {
        @Override
        public BigDecimal timesAYear() {
            return BigDecimal.valueOf(period.perYear());
        }
    }

    /**
     * The amount for each hour worked.
     *
     * @param perWeek hours a week, above 0 and at most 168, with at most two decimals
     */
    record Hourly(BigDecimal perWeek) implements Earned {
        /** Weeks that are worked in a year. */
        public static final int WEEKS = 52;

        private static final int MOST_HOURS = 7 * 24;
        private static final int MOST_DECIMALS = 2;

        /**
         * @throws CaseException if the hours are outside their range or have more than two decimals
         */
        public Hourly {
            if (perWeek.signum() <= 0 || perWeek.compareTo(BigDecimal.valueOf(MOST_HOURS)) > 0) {
                throw CaseException.of(
                        Entry.HOURS,
                        Code.OUT_OF_RANGE,
                        new Value.Text(perWeek.toPlainString()),
                        new Value.Text("0.01"),
                        new Value.Count(MOST_HOURS));
            }
            if (perWeek.stripTrailingZeros().scale() > MOST_DECIMALS) {
                throw CaseException.of(
                        Entry.HOURS,
                        Code.TOO_MANY_DECIMALS,
                        new Value.Text(perWeek.toPlainString()),
                        new Value.Count(MOST_DECIMALS));
            }
        }

        @Override
        public BigDecimal timesAYear() {
            return perWeek.multiply(BigDecimal.valueOf(WEEKS));
        }
    }
}
