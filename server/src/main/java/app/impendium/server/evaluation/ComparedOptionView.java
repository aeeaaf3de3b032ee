package app.impendium.server.evaluation;

import app.impendium.core.CaseComparison;
import app.impendium.core.compare.Lead;
import app.impendium.core.finding.Finding;
import app.impendium.core.money.Money;
import app.impendium.server.problem.FieldProblem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.LongStream;

/**
 * One option beside the others, in whole cents.
 *
 * @param figures those of the option by itself; absent where it has none
 * @param kept those for as long as it is kept; absent where it has none
 * @param because why it has none; empty where it has
 */
public record ComparedOptionView(
        @Schema(nullable = true) ComparedFiguresView figures,
        @Schema(nullable = true) KeptView kept,
        List<FieldProblem> because) {

    /**
     * An option as it is kept.
     *
     * @param monthCents what goes out in the first month: the home, regular extras, and debts that go on beside it
     * @param costCents all-in cost: cash to close, what is paid, and the balance then; by the case's assumptions
     * @param balanceCents the balance then
     * @param interestCents all interest paid by then
     * @param changeFromTodayCents by how much more the loan takes a month than what is paid today; absent where that is not given
     * @param payback what replacing a loan, or points beyond the baseline's, cost and save; absent where there is neither
     * @param staysFromMonth the first month from which it costs at most as much as the baseline for good; absent for none
     * @param ahead the months in which it costs less than the baseline
     * @param costsByMonthCents all-in cost if it is kept for 0, 1, 2, … months, to the horizon
     */
    public record KeptView(
            long monthCents,
            long costCents,
            long balanceCents,
            long interestCents,
            @Schema(nullable = true) Long changeFromTodayCents,
            @Schema(nullable = true) PaybackView payback,
            @Schema(nullable = true) Integer staysFromMonth,
            List<MonthsView> ahead,
            long[] costsByMonthCents) {}

    /** A run of months, both counted. */
    public record MonthsView(int fromMonth, int toMonth) {}

    /**
     * What replacing a loan costs, and what it saves.
     *
     * @param costsCents all that is paid for it at closing, financed or not
     * @param monthlySavingCents against the baseline; negative where more goes out
     * @param months after which the savings make up for the costs; absent without a saving
     */
    public record PaybackView(
            long costsCents,
            long monthlySavingCents,
            @Schema(nullable = true) Long months) {
        static PaybackView of(CaseComparison.Payback payback) {
            return new PaybackView(
                    payback.costs().cents(),
                    payback.monthlySaving().cents(),
                    payback.months().isPresent() ? payback.months().getAsLong() : null);
        }
    }

    /** @param place of the option in the comparison */
    static ComparedOptionView of(ComparedFiguresView figures, CaseComparison comparison, int place) {
        CaseComparison.Kept kept = comparison.kept(place);
        Lead lead = comparison.costs().leadOverBaseline(place);
        return new ComparedOptionView(
                figures,
                new KeptView(
                        kept.month().cents(),
                        kept.cost().cents(),
                        kept.balance().cents(),
                        kept.interestByThen().cents(),
                        kept.changeFromToday().map(Money::cents).orElse(null),
                        kept.payback().map(PaybackView::of).orElse(null),
                        lead.staysFrom().isPresent() ? lead.staysFrom().getAsInt() : null,
                        lead.ahead().stream()
                                .map(months -> new MonthsView(months.from(), months.to()))
                                .toList(),
                        LongStream.rangeClosed(0, comparison.costs().horizonMonths())
                                .map(month -> comparison.costs().cost(place).centsAfter((int) month))
                                .toArray()),
                List.of());
    }

    static ComparedOptionView without(List<Finding> because) {
        return new ComparedOptionView(
                null, null, because.stream().map(FieldProblem::inBody).toList());
    }
}
