package app.impendium.server.evaluation;

import app.impendium.core.afford.Household;
import app.impendium.core.fit.DebtsAnswer;
import app.impendium.core.fit.FitAnswer;
import app.impendium.core.fit.FitLever;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.QualifyingLoan;
import app.impendium.core.money.Money;
import app.impendium.core.pricing.RateOffer;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * What would make an option fit, in whole cents.
 *
 * @param levers what each lever of the loan can do alone
 * @param fewestDebts the fewest debts to pay off; absent where that does not do
 * @param cheapestDebts those that take the least cash; absent where that does not do
 * @param missingIncomeCents the income that is missing a month; absent where no income would do
 * @param missingReservesCents the money that is missing for the reserves
 * @param loansByRate for each rate on offer, the largest loan
 * @param ratesByDebts for each number of debts paid off, the highest rate
 */
public record FitView(
        List<LeverView> levers,
        @Schema(nullable = true) DebtsView fewestDebts,
        @Schema(nullable = true) DebtsView cheapestDebts,
        @Schema(nullable = true) Long missingIncomeCents,
        long missingReservesCents,
        List<RateWithLoanView> loansByRate,
        List<DebtsWithRateView> ratesByDebts) {

    /**
     * One lever.
     *
     * @param value in percent, units of the currency or years, as the lever has it; absent where it cannot do it alone
     * @param nearerValue where a smaller change fits too; absent where the value is the smallest change
     * @param housingCents what the home then costs a month, as the lender counts it; where it cannot do it alone, as near as it gets
     * @param overCents by how much the tested cost is then still above what is allowed; 0 where it does it
     * @param cashChangeCents what it takes more at closing; negative for less
     * @param moneyLeftCents what is then left of the money at hand
     * @param covered whether that is at least what must stay
     */
    public record LeverView(
            FitLever lever,
            @Schema(nullable = true) BigDecimal value,
            @Schema(nullable = true) BigDecimal nearerValue,
            long housingCents,
            long overCents,
            long cashChangeCents,
            long moneyLeftCents,
            boolean covered) {}

    /**
     * Debts to pay off.
     *
     * @param debts their ids, in the order of the document
     * @param monthlyCents what they no longer count a month
     * @param cashCents what paying them off takes
     * @param covered whether the money left after closing covers that and what must stay
     */
    public record DebtsView(List<String> debts, long monthlyCents, long cashCents, boolean covered) {}

    /**
     * A rate on offer.
     *
     * @param pointsPercent in percent of the loan; negative is a lender credit
     * @param loanCents the largest loan at it; absent where none fits
     */
    public record RateWithLoanView(
            BigDecimal ratePercent,
            BigDecimal pointsPercent,
            @Schema(nullable = true) Long loanCents) {}

    /**
     * Debts paid off.
     *
     * @param ratePercent the highest rate without them; absent where none fits
     */
    public record DebtsWithRateView(
            DebtsView debts, @Schema(nullable = true) BigDecimal ratePercent) {}

    static FitView of(FitSolver solver, Household household, List<RateOffer> offers) {
        Money left = solver.loan().moneyLeft();
        return new FitView(
                solver.levers().stream()
                        .map(answer -> view(solver, household, answer))
                        .toList(),
                view(solver.fewestDebts(), household, left).orElse(null),
                view(solver.cheapestDebts(), household, left).orElse(null),
                solver.missingIncome().map(Money::cents).orElse(null),
                solver.missingReserves().cents(),
                solver.loansByRate(offers).stream()
                        .map(pair -> new RateWithLoanView(
                                pair.offer().rate().percent().value(),
                                pair.offer().points().percent(),
                                pair.loan().map(Money::cents).orElse(null)))
                        .toList(),
                solver.ratesByDebts().stream()
                        .map(pair -> new DebtsWithRateView(
                                debts(pair.debts(), household, left),
                                pair.rate().map(FitAnswer.Found::value).orElse(null)))
                        .toList());
    }

    private static LeverView view(FitSolver solver, Household household, FitAnswer answer) {
        QualifyingLoan there = answer.loan();
        Money left = there.moneyLeft();
        return new LeverView(
                answer.lever(),
                answer instanceof FitAnswer.Found found ? found.value() : null,
                answer instanceof FitAnswer.Found found ? found.nearer().orElse(null) : null,
                there.housing().cents(),
                solver.over(there).cents(),
                solver.loan().moneyLeft().minus(left).cents(),
                left.cents(),
                !household.funds().mustStay().isAbove(left));
    }

    private static Optional<DebtsView> view(DebtsAnswer answer, Household household, Money left) {
        return answer instanceof DebtsAnswer.Found found
                ? Optional.of(debts(found, household, left))
                : Optional.empty();
    }

    private static DebtsView debts(DebtsAnswer.Found found, Household household, Money left) {
        return new DebtsView(
                found.places().stream()
                        .map(place -> household.debts().get(place).id())
                        .toList(),
                found.monthly().cents(),
                found.cash().cents(),
                !household.funds().mustStay().isAbove(left.minus(found.cash())));
    }
}
