package app.impendium.server.problem;

import app.impendium.core.finding.Value;
import java.math.BigDecimal;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;

/** Values as an English sentence has them. */
final class Written {
    private static final int MONTHS_PER_YEAR = 12;

    private Written() {}

    /** 1,604.17; 6.125 %; 27 years 6 months; 2027-03-01. */
    static String of(Value value) {
        if (value instanceof Value.Amount amount) {
            return new DecimalFormat("#,##0.00", DecimalFormatSymbols.getInstance(Locale.ROOT))
                    .format(BigDecimal.valueOf(amount.cents(), 2));
        }
        return value instanceof Value.Months length ? length(length.months()) : value.toString();
    }

    private static String length(int months) {
        if (months < 0) {
            return count(months, "month");
        }
        int years = months / MONTHS_PER_YEAR;
        int rest = months % MONTHS_PER_YEAR;
        if (years == 0) {
            return count(rest, "month");
        }
        return rest == 0 ? count(years, "year") : count(years, "year") + " " + count(rest, "month");
    }

    private static String count(int number, String unit) {
        return number + " " + unit + (number == 1 ? "" : "s");
    }
}
