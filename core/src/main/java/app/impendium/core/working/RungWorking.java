package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;

import app.impendium.core.compare.Rung;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.List;

/** Explains what a loan would cost more or less at another rate. */
public final class RungWorking {
    private final Rung.Priced rung;

    public RungWorking(Rung.Priced rung) {
        this.rung = rung;
    }

    /**
     * The workings of the rung's differences.
     *
     * @param totalPaid all that is paid at the rung's rate
     */
    public List<Working> workings(PaymentFrequency frequency, Money totalPaid) {
        return List.of(
                Working.of(Figure.RUNG_PER_PAYMENT, Rule.RUNG_PER_PAYMENT)
                        .given(
                                amount(Name.PAYMENT, rung.payment()),
                                amount(Name.PAYMENT_COMPARED, rung.payment().minus(rung.perPayment())))
                        .gives(amount(Name.MORE_PER_PAYMENT, rung.perPayment()), Rounding.NONE),
                Working.of(Figure.RUNG_PER_YEAR, Rule.RUNG_PER_YEAR)
                        .given(
                                amount(Name.MORE_PER_PAYMENT, rung.perPayment()),
                                number(Name.PAYMENTS_PER_YEAR, frequency.perYear()))
                        .gives(amount(Name.MORE_PER_YEAR, rung.perYear()), Rounding.NONE),
                Working.of(Figure.RUNG_WHOLE_LOAN, Rule.RUNG_WHOLE_LOAN)
                        .given(
                                amount(Name.TOTAL_PAID, totalPaid),
                                amount(Name.TOTAL_PAID_AT_OWN_RATE, totalPaid.minus(rung.wholeLoan())))
                        .gives(amount(Name.MORE_WHOLE_LOAN, rung.wholeLoan()), Rounding.NONE));
    }
}
