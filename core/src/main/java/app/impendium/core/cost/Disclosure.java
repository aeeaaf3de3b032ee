package app.impendium.core.cost;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * What regulation asks to be disclosed of a loan.
 *
 * @param basis what it is computed from
 * @param method the annual rate that the market's law asks for
 * @param creditCostRate that rate, in percent; none where the charges leave nothing to receive
 * @param fiveYears what is paid in sixty months
 * @param totalInterestPercentage total interest, with prepaid interest, in percent of the loan
 */
public record Disclosure(
        DisclosureBasis basis,
        CreditCostRate method,
        Optional<BigDecimal> creditCostRate,
        FiveYears fiveYears,
        BigDecimal totalInterestPercentage) {

    /**
     * The disclosure of a loan.
     *
     * @param prepaidInterest what the client pays at closing for the days before the first period
     */
    public static Disclosure of(
            DisclosureBasis basis, CreditCostRate method, FiveYears fiveYears, Money prepaidInterest) {
        return new Disclosure(
                basis,
                method,
                method.of(basis),
                fiveYears,
                FiveYears.totalInterestPercentage(basis.schedule(), prepaidInterest));
    }
}
