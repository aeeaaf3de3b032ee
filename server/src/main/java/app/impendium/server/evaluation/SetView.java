package app.impendium.server.evaluation;

import app.impendium.core.afford.CountedHousehold;
import app.impendium.core.afford.DebtRule;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Reading;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.QualifyingLoan;
import app.impendium.core.money.Money;
import app.impendium.core.pricing.RateOffer;
import app.impendium.server.document.Convention.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * What a limit set says of an option, in whole cents.
 *
 * @param monthlyIncomeCents all that counts as income a month
 * @param monthlyDebtsCents all that counts as debts a month
 * @param debts what each debt counts, in the order of the document
 * @param propertiesCents what each other home leaves a month; negative where it takes
 * @param housing what the home costs a month, as the lender counts it
 * @param tested the same at the rate at which it is tested
 * @param testedRatePercent that rate; absent where it is the loan's own
 * @param moneyLeftCents what is left of the money at hand after closing; negative where it does not suffice
 * @param isMet whether every test that applies is met
 * @param readings of the tests that apply, in the set's order
 * @param binding the place among the readings of the test that decides; absent where none can be told
 * @param fit what would make it fit
 */
public record SetView(
        long monthlyIncomeCents,
        long monthlyDebtsCents,
        List<CountedDebtView> debts,
        List<Long> propertiesCents,
        HousingCostView housing,
        HousingCostView tested,
        @Schema(nullable = true) BigDecimal testedRatePercent,
        long moneyLeftCents,
        boolean isMet,
        List<ReadingView> readings,
        @Schema(nullable = true) Integer binding,
        FitView fit) {

    /** What a debt counts a month, and why. */
    public record CountedDebtView(long cents, DebtRule.Why why) {}

    /**
     * What a test says.
     *
     * @param test its place in the set
     * @param limit in the unit of the measure; absent where it cannot be told
     * @param reached in the same unit, with so many digits that it is seen to meet the limit or not; absent where it cannot be told
     * @param spareCents by how much it is met, in what it tests: a month's cost, the loan, the money left; for a score in points;
     *     negative by how much it is missed; absent where it cannot be told
     * @param unknown why it cannot be told; absent where it can
     */
    public record ReadingView(
            int test,
            Measure measure,
            @Schema(nullable = true) BigDecimal limit,
            @Schema(nullable = true) BigDecimal reached,
            @Schema(nullable = true) Long spareCents,
            @Schema(nullable = true) Reading.Why unknown,
            boolean isMet) {}

    static SetView of(FitSolver solver, Household household, List<RateOffer> offers) {
        CountedHousehold counted = solver.counted();
        QualifyingLoan loan = solver.loan();
        List<Reading> readings = solver.assessment().readings();
        return new SetView(
                counted.monthlyIncome().cents(),
                counted.monthlyDebts().cents(),
                counted.debts().stream()
                        .map(debt -> new CountedDebtView(debt.monthly().cents(), debt.why()))
                        .toList(),
                counted.properties().stream().map(Money::cents).toList(),
                HousingCostView.of(loan.cost()),
                HousingCostView.of(loan.testedCost()),
                loan.testedRate().map(rate -> rate.percent().value()).orElse(null),
                loan.moneyLeft().cents(),
                solver.assessment().isMet(),
                readings.stream().map(reading -> view(solver, reading)).toList(),
                solver.assessment().binding().map(readings::indexOf).orElse(null),
                FitView.of(solver, household, offers));
    }

    private static ReadingView view(FitSolver solver, Reading reading) {
        int test = solver.set().tests().indexOf(reading.test());
        Measure measure = Measure.valueOf(reading.test().measure().name());
        if (reading instanceof Reading.Measured measured) {
            return new ReadingView(
                    test, measure, measured.limit(), measured.written(), measured.spare(), null, measured.isMet());
        }
        Reading.Unknown unknown = (Reading.Unknown) reading;
        return new ReadingView(test, measure, unknown.limit().orElse(null), null, null, unknown.why(), false);
    }
}
