package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.HomeValue;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.YearlyChange;

/** Explains what the home is worth beyond what is owed on it. */
public final class EquityWorking {
    private final Money start;
    private final YearlyChange change;
    private final PaymentFrequency frequency;

    /** @param start what the home is worth before the first payment */
    public EquityWorking(Money start, YearlyChange change, PaymentFrequency frequency) {
        this.start = start;
        this.change = change;
        this.frequency = frequency;
    }

    /** The working of the equity after a payment, 0 being the start, when {@code balance} is owed. */
    public Working after(int payment, Money balance) {
        Money value = HomeValue.through(start, change, frequency, payment).get(payment);
        return Working.of(Figure.EQUITY, Rule.EQUITY)
                .given(
                        amount(Name.VALUE, start),
                        percent(Name.VALUE_CHANGE, change.percent()),
                        number(Name.PAYMENTS_MADE, payment),
                        number(Name.PAYMENTS_PER_YEAR, frequency.perYear()),
                        amount(Name.BALANCE, balance))
                .then(amount(Name.VALUE_THEN, value))
                .gives(amount(Name.EQUITY, value.minus(balance)), Rounding.NEAREST_CENT);
    }
}
