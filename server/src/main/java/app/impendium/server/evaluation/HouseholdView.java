package app.impendium.server.evaluation;

import app.impendium.core.afford.Household;
import java.util.List;

/**
 * What counts of what people earn, in whole cents a month.
 *
 * @param incomesCents of each income, in the order of the document
 */
public record HouseholdView(List<Long> incomesCents) {
    static HouseholdView of(Household household) {
        return new HouseholdView(household.incomes().stream()
                .map(income -> income.monthly().cents())
                .toList());
    }
}
