package app.impendium.core.rental;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.junit.jupiter.api.Test;

class OwnerFiguresTest {
    private static final OwnerTerms TERMS = new OwnerTerms(
            Percent.of("5"),
            Percent.of("7.5"),
            Percent.of("8"),
            new YearlyChange(new BigDecimal("2.5")),
            new YearlyChange(new BigDecimal("3")));

    private final LoanOption home = LetHomes.home(
            Money.of("318400.00"), Money.of("238800.00"), "6.5", 24, LetHomes.housing("3290.00", "1344.00", "48.00"));
    private final OwnerFigures figures = OwnerFigures.of(CaseEvaluator.evaluate(home), Money.of("2310.00"), TERMS);

    @Test
    void aMonthIsTheRentLessItsSharesItsCostsAndTheLoan() {
        OwnerFigures.Month month = figures.month();
        assertThat(month.vacancy()).isEqualTo(Money.of("115.50"));
        assertThat(month.upkeep()).isEqualTo(Money.of("173.25"));
        assertThat(month.management()).isEqualTo(Money.of("184.80"));
        // 274.17 tax, 112.00 insurance and 48.00 dues; interest alone of 238,800.00 at 6.5 %.
        assertThat(month.costs()).isEqualTo(Money.of("434.17"));
        assertThat(month.loan()).isEqualTo(Money.of("1293.50"));
        assertThat(month.cashFlow()).isEqualTo(Money.of("108.78"));
    }

    @Test
    void yieldsAreOfThePriceAndTheReturnOfTheCashPutIn() {
        // 27,720.00 and 16,827.36 of 318,400.00; 1,305.36 of 79,600.00.
        assertThat(figures.grossYieldPercent().orElseThrow().setScale(4, RoundingMode.HALF_UP))
                .isEqualByComparingTo("8.7060");
        assertThat(figures.netYieldPercent().orElseThrow().setScale(4, RoundingMode.HALF_UP))
                .isEqualByComparingTo("5.2850");
        assertThat(figures.firstYearReturnPercent().orElseThrow().setScale(4, RoundingMode.HALF_UP))
                .isEqualByComparingTo("1.6399");
    }

    @Test
    void theYearsFollowTheRentTheCostsAndTheLoan() {
        assertThat(figures.years()).hasSize(30);
        OwnerFigures.Year third = figures.years().get(2);
        // 2,310.00 and 434.17 after two yearly changes, each rounded once.
        assertThat(third.rent()).isEqualTo(Money.of("2426.94").times(12));
        assertThat(third.operating())
                .isEqualTo(Money.of("2426.94")
                        .minus(Money.of("121.35"))
                        .minus(Money.of("182.02"))
                        .minus(Money.of("194.16"))
                        .minus(Money.of("460.61"))
                        .times(12));
        assertThat(third.loan()).isGreaterThan(figures.years().get(0).loan());
        Money paid = figures.years().stream().map(OwnerFigures.Year::loan).reduce(Money.ZERO, Money::plus);
        assertThat(paid)
                .isEqualTo(home.financing()
                        .loanAmount()
                        .plus(CaseEvaluator.evaluate(home)
                                .loan()
                                .schedule()
                                .range(1, 360)
                                .interest()));
    }
}
