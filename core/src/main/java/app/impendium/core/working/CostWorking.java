package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Explains what the home costs a month, beside its mortgage insurance. */
public final class CostWorking {
    private static final int EXACT_DECIMALS = 6;
    private static final BigDecimal MONTHS_PER_YEAR = BigDecimal.valueOf(12);

    private final HousingTerms terms;
    private final HousingCost cost;
    private final Money price;

    /**
     * @param cost of the month
     * @param price of the home, zero where it is not known
     */
    public CostWorking(HousingTerms terms, HousingCost cost, Money price) {
        this.terms = terms;
        this.cost = cost;
        this.price = price;
    }

    /**
     * The workings of the month's parts but mortgage insurance, of their sum, and of who sends it in.
     *
     * @param payment what the client pays each time
     */
    public List<Working> workings(Money payment, PaymentFrequency frequency) {
        return List.of(
                principalAndInterest(payment, frequency),
                propertyTax(),
                homeInsurance(),
                given(Figure.DUES, amount(Name.DUES, cost.dues())),
                given(Figure.OTHER_COST, amount(Name.OTHER, cost.other())),
                housingCost(),
                toLender(),
                paidByClients());
    }

    /** The working of what a month costs more or less than the one before it, which cost {@code before}. */
    public Working changeFrom(HousingCost before) {
        return Working.of(Figure.MONTH_CHANGE, Rule.MONTH_CHANGE)
                .given(amount(Name.HOUSING_COST, cost.total()), amount(Name.HOUSING_COST_BEFORE, before.total()))
                .then(
                        amount(Name.PAYMENT_CHANGE, cost.principalAndInterest().minus(before.principalAndInterest())),
                        amount(Name.INSURANCE_CHANGE, cost.mortgageInsurance().minus(before.mortgageInsurance())))
                .gives(amount(Name.MONTH_CHANGE, cost.total().minus(before.total())), Rounding.NONE);
    }

    /** The working of what goes out in this month with extras of {@code eachTime} beside each payment. */
    public Working withExtras(Money eachTime, PaymentFrequency frequency, Money month) {
        return Working.of(Figure.MONTH_WITH_EXTRAS, Rule.MONTH_WITH_EXTRAS)
                .given(
                        amount(Name.HOUSING_COST, cost.total()),
                        amount(Name.REGULAR_EXTRA, eachTime),
                        number(Name.PAYMENTS_PER_YEAR, frequency.perYear()))
                .gives(amount(Name.MONTH_WITH_EXTRAS, month), Rounding.NEAREST_CENT);
    }

    private Working principalAndInterest(Money payment, PaymentFrequency frequency) {
        return Working.of(Figure.PRINCIPAL_AND_INTEREST, Rule.MONTHLY_PAYMENT_COST)
                .given(amount(Name.PAYMENT, payment), number(Name.PAYMENTS_PER_YEAR, frequency.perYear()))
                .gives(amount(Name.PRINCIPAL_AND_INTEREST, cost.principalAndInterest()), Rounding.NEAREST_CENT);
    }

    private Working propertyTax() {
        Quantity result = amount(Name.PROPERTY_TAX, cost.propertyTax());
        if (terms.propertyTax() instanceof PropertyTax.ShareOfPrice share) {
            return Working.of(Figure.PROPERTY_TAX, Rule.MONTHLY_SHARE_OF_PRICE)
                    .given(
                            amount(Name.PRICE, price),
                            percent(Name.TAX_PERCENT, share.yearly().value()))
                    .then(exactAmount(Name.EXACT_MONTH, share.yearly().exactMonthlyCentsOf(price)))
                    .gives(result, Rounding.NEAREST_CENT);
        }
        Money yearly = ((PropertyTax.Amount) terms.propertyTax()).yearly();
        return Working.of(Figure.PROPERTY_TAX, Rule.MONTHLY_AMOUNT)
                .given(amount(Name.YEARLY_TAX, yearly))
                .then(monthly(yearly))
                .gives(result, Rounding.NEAREST_CENT);
    }

    private Working homeInsurance() {
        return Working.of(Figure.HOME_INSURANCE, Rule.MONTHLY_AMOUNT)
                .given(amount(Name.YEARLY_INSURANCE, terms.yearlyHomeInsurance()))
                .then(monthly(terms.yearlyHomeInsurance()))
                .gives(amount(Name.HOME_INSURANCE, cost.homeInsurance()), Rounding.NEAREST_CENT);
    }

    private Working housingCost() {
        return Working.of(Figure.HOUSING_COST, Rule.SUM_OF_PARTS)
                .given(
                        amount(Name.PRINCIPAL_AND_INTEREST, cost.principalAndInterest()),
                        amount(Name.PROPERTY_TAX, cost.propertyTax()),
                        amount(Name.HOME_INSURANCE, cost.homeInsurance()),
                        amount(Name.MORTGAGE_INSURANCE, cost.mortgageInsurance()),
                        amount(Name.DUES, cost.dues()),
                        amount(Name.OTHER, cost.other()))
                .gives(amount(Name.HOUSING_COST, cost.total()), Rounding.NONE);
    }

    private static Working given(Figure figure, Quantity amount) {
        return Working.of(figure, Rule.GIVEN_MONTHLY).gives(amount, Rounding.NONE);
    }

    private Working toLender() {
        boolean escrowed = terms.escrowed();
        Working.Draft draft = Working.of(Figure.TO_LENDER, escrowed ? Rule.ESCROWED_PARTS : Rule.PARTS_TO_LENDER)
                .given(
                        amount(Name.PRINCIPAL_AND_INTEREST, cost.principalAndInterest()),
                        amount(Name.MORTGAGE_INSURANCE, cost.mortgageInsurance()));
        if (escrowed) {
            draft.given(
                    amount(Name.PROPERTY_TAX, cost.propertyTax()), amount(Name.HOME_INSURANCE, cost.homeInsurance()));
        }
        return draft.gives(amount(Name.TO_LENDER, terms.toLender(cost)), Rounding.NONE);
    }

    private Working paidByClients() {
        Money toLender = terms.toLender(cost);
        return Working.of(Figure.PAID_BY_CLIENTS, Rule.PAID_BY_CLIENTS)
                .given(amount(Name.HOUSING_COST, cost.total()), amount(Name.TO_LENDER, toLender))
                .gives(amount(Name.PAID_BY_CLIENTS, cost.total().minus(toLender)), Rounding.NONE);
    }

    private static Quantity monthly(Money yearly) {
        return exactAmount(
                Name.EXACT_MONTH,
                BigDecimal.valueOf(yearly.cents()).divide(MONTHS_PER_YEAR, EXACT_DECIMALS, RoundingMode.HALF_UP));
    }
}
