package app.impendium.core.alternative;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseComparison;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.Options;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.Code;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class OptionGridTest {
    private static final LoanOption OPTION = Options.purchase("12", PaymentFrequency.MONTHLY, 324);

    @Test
    void standsAroundTheOptionsOwnRateTermAndShareDown() {
        OptionGrid grid = new OptionGrid(OPTION, Assumptions.NONE);

        assertThat(grid.byTerm()).hasSize(7);
        assertThat(grid.byTerm().get(3))
                .extracting(cell -> cell.across().intValue())
                .containsExactly(120, 180, 240, 300, 324, 360);
        assertThat(grid.byTerm())
                .extracting(row -> row.get(0).rate().percent().toString())
                .containsExactly("5 %", "5.25 %", "5.5 %", "5.75 %", "6 %", "6.25 %", "6.5 %");
        assertThat(grid.byDownPayment().get(0))
                .extracting(cell -> cell.across().intValue())
                .containsExactly(5, 10, 12, 15, 20, 25, 30);
    }

    @Test
    void hasEachShareOnceThoughTheOptionsOwnIsAnAmount() {
        Financing asAmount =
                new Financing.Purchase(Options.PRICE, new DownPayment.Amount(Money.of("50260.00")), Optional.empty());

        assertThat(new OptionGrid(OPTION.withFinancing(asAmount), Assumptions.NONE)
                        .byDownPayment()
                        .get(0))
                .extracting(cell -> cell.across().intValue())
                .containsExactly(5, 10, 15, 20, 25, 30);
    }

    @Test
    void eachCellIsWhatTheOptionWouldComeTo() {
        OptionGrid.Cell cell =
                new OptionGrid(OPTION, Assumptions.NONE).byTerm().get(0).get(1);
        OptionEvaluation figures = CaseEvaluator.evaluate(
                OPTION.withRate(AnnualRate.ofPercent("5")).withAmortization(LoanTerm.ofYears(15)));

        assertThat(cell.figures())
                .hasValue(new OptionGrid.Figures(
                        figures.loan().schedule().payment(),
                        figures.loan().schedule().whole().interest(),
                        CaseComparison.of(List.of(figures), Assumptions.NONE, Optional.empty())
                                .kept(0)
                                .cost()));
        OptionGrid.Cell own =
                new OptionGrid(OPTION, Assumptions.NONE).byDownPayment().get(3).get(2);
        assertThat(own.figures().orElseThrow().payment())
                .isEqualTo(CaseEvaluator.evaluate(OPTION).loan().schedule().payment());
    }

    @Test
    void keepsAPaymentThatWasChosenOnlyWhereItWasChosen() {
        Money chosen = Money.of("1900.00");
        LoanOption paid = OPTION.withFeatures(OPTION.features().withRegular(new RegularPayment.Custom(chosen)));

        List<List<OptionGrid.Cell>> cells = new OptionGrid(paid, Assumptions.NONE).byTerm();
        List<List<OptionGrid.Cell>> level = new OptionGrid(OPTION, Assumptions.NONE).byTerm();

        assertThat(cells.get(3).get(4).figures().orElseThrow().payment()).isEqualTo(chosen);
        assertThat(cells.get(3).get(3)).isEqualTo(level.get(3).get(3));
        assertThat(cells.get(2)).isEqualTo(level.get(2));
    }

    @Test
    void tellsWhyAPlaceHasNoFigures() {
        LoanOption interestOnly = OPTION.withFeatures(LoanFeatures.NONE.withInterestOnly(130));
        OptionGrid.Cell shortest =
                new OptionGrid(interestOnly, Assumptions.NONE).byTerm().get(0).get(0);

        assertThat(shortest.figures()).isEmpty();
        assertThat(shortest.because().get(0).code()).isEqualTo(Code.OUT_OF_RANGE);
    }

    @Test
    void hasNoSharesDownWhereNothingIsBoughtAndNoRatesBelowZero() {
        LoanOption alone = OPTION.withFinancing(new Financing.LoanOnly(Money.of("90000.00")))
                .withRate(AnnualRate.ofPercent("0.3"));

        assertThat(new OptionGrid(alone, Assumptions.NONE).byDownPayment()).isEmpty();
        assertThat(new OptionGrid(alone, Assumptions.NONE).byTerm()).hasSize(5);
    }
}
