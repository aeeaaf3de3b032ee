package app.impendium.core.working;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.afford.Earned;
import app.impendium.core.afford.Income;
import app.impendium.core.afford.PayPeriod;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;

class IncomeWorkingTest {
    @Test
    void computesTheMonthFromWhatItIsGiven() {
        Working overtime = IncomeWorking.of(
                new Income(Money.of("96.00"), new Earned.Each(PayPeriod.WEEKLY), BigDecimal.valueOf(50)));
        assertThat(overtime.rule().formula()).isEqualTo("earned × times a year / 12 × share counted");
        assertThat(Numbers.value(overtime.result())).isEqualByComparingTo("208");
        RuleTest.assertGivesItsFigure(overtime);

        Working wage = IncomeWorking.of(
                new Income(Money.of("31.50"), new Earned.Hourly(BigDecimal.valueOf(26)), BigDecimal.valueOf(100)));
        assertThat(Numbers.value(wage.result())).isEqualByComparingTo("3549");
        RuleTest.assertGivesItsFigure(wage);
    }
}
