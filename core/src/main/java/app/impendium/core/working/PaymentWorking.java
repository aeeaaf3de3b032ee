package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.PaymentBasis;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.MathContext;

/** Explains a payment that is computed: a level one, or a share of the monthly one. */
final class PaymentWorking {
    private static final MathContext DIGITS = new MathContext(30);

    private final Figure figure;
    private final PaymentBasis basis;
    private final PaymentRounding rounding;

    PaymentWorking(Figure figure, PaymentBasis basis, PaymentRounding rounding) {
        this.figure = figure;
        this.basis = basis;
        this.rounding = rounding;
    }

    /**
     * The working of the payment.
     *
     * @param computedOn the balance of the basis, as it is called where the payment stands, and what is said of it
     */
    Working working(Quantity... computedOn) {
        boolean isShare = basis.rate().frequency().isAccelerated();
        Working.Draft draft = isShare ? share(computedOn) : level(computedOn);
        return draft.gives(amount(Name.PAYMENT, LevelPayment.of(basis, rounding)), Rounding.of(rounding));
    }

    private Working.Draft share(Quantity... computedOn) {
        Money monthly = LevelPayment.monthlyOf(basis, rounding);
        int shares = basis.rate().frequency().sharesOfMonth();
        BigDecimal exact = BigDecimal.valueOf(monthly.cents()).divide(BigDecimal.valueOf(shares));
        return Working.of(figure, Rule.ACCELERATED_PAYMENT)
                .given(computedOn)
                .given(amount(Name.MONTHLY_PAYMENT, monthly), number(Name.SHARES_OF_MONTHLY, shares))
                .then(exactAmount(Name.EXACT_PAYMENT, exact));
    }

    private Working.Draft level(Quantity... computedOn) {
        PeriodicRate rate = basis.rate();
        Working.Draft draft = Working.of(
                        figure, rate.isZero() ? Rule.LEVEL_PAYMENT_WITHOUT_INTEREST : Rule.LEVEL_PAYMENT)
                .given(computedOn)
                .given(
                        amount(Name.BALANCE_AT_END, basis.balloon()),
                        percent(Name.RATE_PER_PAYMENT, rate.value().movePointRight(2)),
                        number(Name.REPAYING_PAYMENTS, basis.payments()));
        if (!rate.isZero()) {
            draft.then(number(Name.DISCOUNT, BigDecimal.ONE.divide(rate.growth(basis.payments()), DIGITS)));
        }
        return draft.then(exactAmount(Name.EXACT_PAYMENT, LevelPayment.exactCents(basis)));
    }
}
