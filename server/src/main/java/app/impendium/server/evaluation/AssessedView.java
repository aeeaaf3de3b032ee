package app.impendium.server.evaluation;

import app.impendium.core.afford.CountedHousehold;
import app.impendium.core.afford.DebtRule;
import app.impendium.core.afford.Position;
import app.impendium.core.afford.Reading;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.QualifyingLoan;
import app.impendium.core.money.Money;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;

/**
 * What a limit set says of an option as it is, in whole cents.
 *
 * @param monthlyIncomeCents all that counts as income a month
 * @param monthlyDebtsCents all that counts as debts a month
 * @param debts what each debt counts, in the order of the document
 * @param propertiesCents what each other home leaves a month; negative where it takes
 * @param housing what the home costs a month, as the lender counts it
 * @param tested the same at the rate at which it is tested
 * @param testedRatePercent that rate; absent where it is the loan's own
 * @param now where they stand today; absent where what living costs them is not known
 * @param after where they stand after closing, at the loan's own rate
 * @param moneyLeftCents what is left of the money at hand after closing; negative where it is not enough
 * @param isMet whether every test that applies is met
 * @param readings of the tests that apply, in the set's order
 * @param binding the place among the readings of the test that decides; absent where none can be told
 */
public record AssessedView(
        long monthlyIncomeCents,
        long monthlyDebtsCents,
        List<CountedDebtView> debts,
        List<Long> propertiesCents,
        HousingCostView housing,
        HousingCostView tested,
        @Schema(nullable = true) BigDecimal testedRatePercent,
        @Schema(nullable = true) PositionView now,
        PositionView after,
        long moneyLeftCents,
        boolean isMet,
        List<ReadingView> readings,
        @Schema(nullable = true) Integer binding) {

    /** What a debt counts a month, and why. */
    public record CountedDebtView(long cents, DebtRule.Why why) {}

    static AssessedView of(FitSolver solver, PresentHousing today) {
        CountedHousehold counted = solver.counted();
        QualifyingLoan loan = solver.loan();
        List<Reading> readings = solver.assessment().readings();
        return new AssessedView(
                counted.monthlyIncome().cents(),
                counted.monthlyDebts().cents(),
                counted.debts().stream()
                        .map(debt -> new CountedDebtView(debt.monthly().cents(), debt.why()))
                        .toList(),
                counted.properties().stream().map(Money::cents).toList(),
                HousingCostView.of(loan.cost()),
                HousingCostView.of(loan.testedCost()),
                loan.testedRate().map(rate -> rate.percent().value()).orElse(null),
                today.month().map(housing -> now(solver, housing, today.owed())).orElse(null),
                PositionView.of(new Position(
                        counted.monthlyIncome(),
                        loan.housing(),
                        counted.monthlyDebts(),
                        loan.loan().plus(counted.owed()))),
                loan.moneyLeft().cents(),
                solver.assessment().isMet(),
                ReadingView.all(solver.set(), readings),
                solver.assessment().binding().map(readings::indexOf).orElse(null));
    }

    private static PositionView now(FitSolver solver, Money housing, Money owed) {
        CountedHousehold today = solver.counted().with(solver.set().debtRule(), Set.of());
        return PositionView.of(new Position(
                today.monthlyIncome(),
                housing,
                today.monthlyDebts(),
                today.owed().plus(owed)));
    }
}
