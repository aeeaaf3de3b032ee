package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.afford.Earned;
import app.impendium.core.afford.Income;

/** Explains what counts of an income a month. */
public final class IncomeWorking {
    private IncomeWorking() {}

    /** The working of what counts of an income a month. */
    public static Working of(Income income) {
        Working.Draft draft;
        if (income.earned() instanceof Earned.Hourly hourly) {
            draft = Working.of(Figure.COUNTED_INCOME, Rule.INCOME_BY_THE_HOUR)
                    .given(
                            amount(Name.EARNED_AN_HOUR, income.amount()),
                            number(Name.HOURS_A_WEEK, hourly.perWeek()),
                            number(Name.WEEKS_A_YEAR, Earned.Hourly.WEEKS));
        } else {
            draft = Working.of(Figure.COUNTED_INCOME, Rule.INCOME_EACH_TIME)
                    .given(
                            amount(Name.EARNED_EACH, income.amount()),
                            number(Name.TIMES_A_YEAR, income.earned().timesAYear()));
        }
        return draft.given(percent(Name.SHARE_COUNTED, income.countedPercent()))
                .gives(amount(Name.COUNTED_INCOME, income.monthly()), Rounding.NEAREST_CENT);
    }
}
