package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Explains what the home costs a month. */
public final class CostWorking {
    private static final int EXACT_DECIMALS = 6;
    private static final BigDecimal MONTHS_A_YEAR = BigDecimal.valueOf(12);

    private final HousingTerms terms;
    private final HousingCost cost;
    private final Money price;

    /**
     * @param cost the first month
     * @param price of the home, zero where it is not known
     */
    public CostWorking(HousingTerms terms, HousingCost cost, Money price) {
        this.terms = terms;
        this.cost = cost;
        this.price = price;
    }

    /**
     * The workings of the month's parts and their sum.
     *
     * @param firstPayment what the client pays first
     */
    public List<Working> workings(Money firstPayment, PaymentFrequency frequency) {
        return List.of(principalAndInterest(firstPayment, frequency), propertyTax(), homeInsurance(), housingCost());
    }

    /**
     * The workings of mortgage insurance and its end.
     *
     * @param loan the original loan
     * @param value what the home is worth at the start
     */
    public List<Working> insurance(Optional<MortgageInsurance> insurance, Money loan, Optional<Money> value) {
        List<Working> workings = new ArrayList<>();
        insurance.ifPresent(insured -> {
            Money aYear = terms.mortgageInsuranceAYear().of(loan);
            workings.add(Working.of(Figure.MORTGAGE_INSURANCE, Rule.MORTGAGE_INSURANCE)
                    .given(
                            amount(Name.LOAN, loan),
                            percent(
                                    Name.INSURANCE_PERCENT,
                                    terms.mortgageInsuranceAYear().value()))
                    .then(amount(Name.PREMIUM_A_YEAR, aYear))
                    .gives(amount(Name.MORTGAGE_INSURANCE, insured.monthlyPremium()), Rounding.NEAREST_CENT));
            Money original = value.orElse(Money.ZERO);
            workings.add(Working.of(Figure.INSURANCE_END, Rule.INSURANCE_END)
                    .given(amount(Name.VALUE, original))
                    .then(amount(Name.THRESHOLD, insured.automaticThreshold(original)))
                    .gives(number(Name.PAYMENT_NUMBER, insured.firstPaymentWithout()), Rounding.NONE));
        });
        return workings;
    }

    private Working principalAndInterest(Money payment, PaymentFrequency frequency) {
        return Working.of(Figure.PRINCIPAL_AND_INTEREST, Rule.PAYMENT_A_MONTH)
                .given(amount(Name.PAYMENT, payment), number(Name.PAYMENTS_A_YEAR, frequency.perYear()))
                .gives(amount(Name.PRINCIPAL_AND_INTEREST, cost.principalAndInterest()), Rounding.NEAREST_CENT);
    }

    private Working propertyTax() {
        Money aYear = terms.propertyTax().yearly(price);
        Quantity result = amount(Name.PROPERTY_TAX, cost.propertyTax());
        if (terms.propertyTax() instanceof PropertyTax.ShareOfPrice share) {
            return Working.of(Figure.PROPERTY_TAX, Rule.SHARE_OF_PRICE_A_MONTH)
                    .given(
                            amount(Name.PRICE, price),
                            percent(Name.TAX_PERCENT, share.aYear().value()))
                    .then(amount(Name.TAX_A_YEAR, aYear), aMonth(aYear))
                    .gives(result, Rounding.NEAREST_CENT);
        }
        return Working.of(Figure.PROPERTY_TAX, Rule.AMOUNT_A_MONTH)
                .given(amount(Name.TAX_A_YEAR, aYear))
                .then(aMonth(aYear))
                .gives(result, Rounding.NEAREST_CENT);
    }

    private Working homeInsurance() {
        return Working.of(Figure.HOME_INSURANCE, Rule.AMOUNT_A_MONTH)
                .given(amount(Name.INSURANCE_A_YEAR, terms.homeInsuranceAYear()))
                .then(aMonth(terms.homeInsuranceAYear()))
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

    private static Quantity aMonth(Money aYear) {
        return Quantity.exactAmount(
                Name.EXACT_MONTH,
                BigDecimal.valueOf(aYear.cents()).divide(MONTHS_A_YEAR, EXACT_DECIMALS, RoundingMode.HALF_UP));
    }
}
