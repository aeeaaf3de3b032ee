package app.impendium.core.cost;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;

/** What a home is worth through the years, if its value changes evenly. */
public final class HomeValue {
    private static final MathContext DIGITS = new MathContext(34);

    private HomeValue() {}

    /**
     * The value at the start and after each payment, to the nearest cent.
     *
     * @param start what the home is worth before the first payment
     * @param payments how many payments are asked about
     */
    public static List<Money> through(Money start, YearlyChange change, PaymentFrequency frequency, int payments) {
        BigDecimal factor = change.factorPerPayment(frequency);
        BigDecimal value = BigDecimal.valueOf(start.cents());
        List<Money> values = new ArrayList<>(payments + 1);
        for (int payment = 0; payment <= payments; payment++) {
            values.add(Money.nearest(value));
            value = value.multiply(factor, DIGITS);
        }
        return values;
    }
}
