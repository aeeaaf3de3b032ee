package app.impendium.server.evaluation;

import app.impendium.core.cost.FiveYears;

/**
 * What a loan comes to in sixty months, in whole cents.
 *
 * @param paidCents principal, interest, mortgage insurance and loan costs
 * @param principalCents the principal paid off in them
 */
public record FiveYearsView(long paidCents, long principalCents) {
    static FiveYearsView of(FiveYears years) {
        return new FiveYearsView(years.paid().cents(), years.principal().cents());
    }
}
