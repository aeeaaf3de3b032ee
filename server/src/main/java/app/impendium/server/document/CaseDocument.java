package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A case as it is sent, stored and handed on: the product's open format.
 *
 * @param format the version of this format: 2
 * @param title what the case is called, from 1 to 200 characters
 * @param clients who it is for, at most 200 characters
 * @param market whose wording and way of writing figures apply; absent for the one that the currency suggests
 * @param currency of every amount in it
 * @param assumptions what is taken for granted beyond the options' own terms; absent for nothing
 * @param debts what the clients owe beside the home
 * @param household the people who borrow; absent for nobody
 * @param home what estimates from outside ask about the home; absent where nothing of it is said
 * @param letting how the home is let; absent for a home that is not
 * @param presentPayment what is paid today on the loan that ends or is replaced; absent where there is none
 * @param conclusion the advisor's own words on the options, at most 4,000 characters; absent for none
 * @param recommended the id of the option that the advisor recommends; absent for none, as is one that the case no longer has
 * @param pricedOn the rate table that the options were priced on; absent where none was used
 * @param handout what its hand-out says; absent for what is usual in the practice
 * @param options from one to six ways of financing the home; the first is the baseline
 */
public record CaseDocument(
        @Schema(nullable = true) Integer format,
        String title,
        String clients,
        @Schema(nullable = true) Market market,
        CurrencyCode currency,
        AssumptionsDocument assumptions,
        List<DebtDocument> debts,
        HouseholdDocument household,
        @Schema(nullable = true) HomeDocument home,
        @Schema(nullable = true) LettingDocument letting,
        @Schema(nullable = true) PresentPaymentDocument presentPayment,
        @Schema(nullable = true) String conclusion,
        @Schema(nullable = true) String recommended,
        @Schema(nullable = true) PricedOnDocument pricedOn,
        @Schema(nullable = true) HandoutDocument handout,
        List<OptionDocument> options) {

    /** The version written today. */
    public static final int FORMAT = 2;

    /** What is not sent holds nothing. */
    public CaseDocument {
        assumptions = assumptions == null ? AssumptionsDocument.NONE : assumptions;
        debts = debts == null ? List.of() : debts;
        household = household == null ? HouseholdDocument.NONE : household;
        // A case has one score. Where options were priced for one before the household had it, that is the household's.
        if (household.score() == null && pricedOn != null && pricedOn.score() != null) {
            household = household.withScore(pricedOn.score());
        }
    }

    /** The same, called otherwise and for others. */
    public CaseDocument named(String otherTitle, String otherClients) {
        return with(otherTitle, otherClients, assumptions, options);
    }

    /** The same with other assumptions. */
    public CaseDocument withAssumptions(AssumptionsDocument others) {
        return with(title, clients, others, options);
    }

    /** The same with other options. */
    public CaseDocument withOptions(List<OptionDocument> others) {
        return with(title, clients, assumptions, others);
    }

    private CaseDocument with(
            String otherTitle,
            String otherClients,
            AssumptionsDocument otherAssumptions,
            List<OptionDocument> otherOptions) {
        return new CaseDocument(
                format,
                otherTitle,
                otherClients,
                market,
                currency,
                otherAssumptions,
                debts,
                household,
                home,
                letting,
                presentPayment,
                conclusion,
                recommended,
                pricedOn,
                handout,
                otherOptions);
    }
}
