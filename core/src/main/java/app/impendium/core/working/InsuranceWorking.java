package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.day;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.PaymentFrequency;
import java.util.List;

/** Explains the mortgage insurance of a loan. */
public final class InsuranceWorking {
    private final MortgageInsurance insurance;
    private final PaymentFrequency frequency;

    public InsuranceWorking(MortgageInsurance insurance, PaymentFrequency frequency) {
        this.insurance = insurance;
        this.frequency = frequency;
    }

    /**
     * The workings of the premium and of its ends.
     *
     * @param loan the original loan
     * @param yearly the yearly premium in percent of it
     * @param value what the home is worth at the start
     */
    public List<Working> workings(Money loan, Percent yearly, Money value, PaymentDates dates) {
        return List.of(
                Working.of(Figure.MORTGAGE_INSURANCE, Rule.MORTGAGE_INSURANCE)
                        .given(amount(Name.LOAN, loan), percent(Name.INSURANCE_PERCENT, yearly.value()))
                        .then(exactAmount(Name.EXACT_MONTH, yearly.exactMonthlyCentsOf(loan)))
                        .gives(amount(Name.MORTGAGE_INSURANCE, insurance.monthlyPremium()), Rounding.NEAREST_CENT),
                end(
                        Figure.INSURANCE_ON_REQUEST,
                        Rule.INSURANCE_ON_REQUEST,
                        value,
                        amount(Name.THRESHOLD_ON_REQUEST, MortgageInsurance.onRequestThreshold(value)),
                        insurance.endsOnRequestAtPayment(),
                        dates),
                end(
                        Figure.INSURANCE_END,
                        Rule.INSURANCE_END,
                        value,
                        amount(Name.THRESHOLD, MortgageInsurance.automaticThreshold(value)),
                        insurance.endsAtPayment(),
                        dates));
    }

    private static Working end(
            Figure figure, Rule rule, Money value, Quantity threshold, int payment, PaymentDates dates) {
        return Working.of(figure, rule)
                .given(amount(Name.VALUE, value))
                .then(threshold, number(Name.PAYMENT_NUMBER, payment))
                .gives(day(Name.PAYMENT_DATE, dates.of(payment)), Rounding.NONE);
    }

    /** The working of the premium that goes with a payment before the insurance ends. */
    public Working with(int payment) {
        return Working.of(Figure.LINE_INSURANCE, Rule.PREMIUM_WITH_PAYMENT)
                .given(
                        amount(Name.MORTGAGE_INSURANCE, insurance.monthlyPremium()),
                        number(Name.PAYMENTS_PER_YEAR, frequency.perYear()))
                .gives(amount(Name.PREMIUM, insurance.with(payment)), Rounding.NEAREST_CENT);
    }

    /** The working of the premiums that go with the payments {@code first} to {@code last}, both counted. */
    public Working with(int first, int last) {
        int insured = insurance.insuredPayments(first, last);
        return Working.of(Figure.RANGE_INSURANCE, Rule.PREMIUMS_OF_RANGE)
                .given(
                        number(Name.FROM_PAYMENT, first),
                        number(Name.TO_PAYMENT, last),
                        amount(Name.PREMIUM, insurance.with(first)),
                        number(Name.INSURED_PAYMENTS, insured))
                .gives(amount(Name.PREMIUMS, insurance.premiums(first, last)), Rounding.NONE);
    }
}
