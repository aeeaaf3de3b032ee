package app.impendium.server.evaluation;

import app.impendium.core.LoanLife;
import app.impendium.core.LoanLife.Line;
import app.impendium.core.Milestone;
import app.impendium.core.loan.Reconciliation;
import app.impendium.core.money.Money;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Every payment of one option, column by column; amounts in whole cents. Entry 0 of each column is the loan before its
 * first payment: nothing paid, the full balance. Dates begin with payment 1.
 *
 * @param paymentCents interest and principal together, without the extra
 * @param principalCents without the extra
 * @param insuranceCents the mortgage insurance that goes with the payment
 * @param balanceCents what is owed after the payment
 * @param valueCents what the home is worth then; absent for a loan alone
 * @param milestones what happens in the loan's life, in order
 */
public record ScheduleView(
        List<LocalDate> dates,
        List<Long> paymentCents,
        List<Long> interestCents,
        List<Long> principalCents,
        List<Long> extraCents,
        List<Long> insuranceCents,
        List<Long> balanceCents,
        @Schema(nullable = true) List<Long> valueCents,
        List<Milestone> milestones,
        ReconciliationView reconciliation) {

    /**
     * What shows that the schedule is right.
     *
     * @param closingBalanceCents what is owed after the last payment
     * @param principalCents the principal of all lines, extras included
     * @param borrowedCents what it has to equal
     * @param formulaAfterPayment the payment after which the balance is compared; absent where the formula does not apply
     * @param formulaBalance the balance by formula, in units of the currency
     * @param scheduleBalanceCents the same by schedule
     */
    public record ReconciliationView(
            long closingBalanceCents,
            long principalCents,
            long borrowedCents,
            @Schema(nullable = true) Integer formulaAfterPayment,
            @Schema(nullable = true) BigDecimal formulaBalance,
            @Schema(nullable = true) Long scheduleBalanceCents) {
        private static final int DECIMALS = 4;

        static ReconciliationView of(Reconciliation reconciliation) {
            Optional<Reconciliation.ByFormula> formula = reconciliation.formula();
            return new ReconciliationView(
                    reconciliation.closingBalance().cents(),
                    reconciliation.principalRepaid().cents(),
                    reconciliation.borrowed().cents(),
                    formula.map(Reconciliation.ByFormula::afterPayment).orElse(null),
                    formula.map(Reconciliation.ByFormula::formulaCents)
                            .map(cents -> cents.movePointLeft(2).setScale(DECIMALS, RoundingMode.HALF_UP))
                            .orElse(null),
                    formula.map(Reconciliation.ByFormula::schedule)
                            .map(Money::cents)
                            .orElse(null));
        }
    }

    static ScheduleView of(LoanLife life) {
        List<Line> lines = life.lines();
        return new ScheduleView(
                lines.stream().map(Line::day).toList(),
                column(0, lines, line -> line.instalment().payment()),
                column(0, lines, line -> line.instalment().interest()),
                column(0, lines, line -> line.instalment().principal()),
                column(0, lines, line -> line.instalment().extra()),
                column(0, lines, Line::insurance),
                column(
                        life.start().balance().cents(),
                        lines,
                        line -> line.instalment().balance()),
                life.start()
                        .homeValue()
                        .map(value -> column(
                                value.cents(), lines, line -> line.homeValue().orElseThrow()))
                        .orElse(null),
                life.milestones(),
                ReconciliationView.of(life.reconciliation()));
    }

    private static List<Long> column(long start, List<Line> lines, Function<Line, Money> amount) {
        List<Long> column = new ArrayList<>(lines.size() + 1);
        column.add(start);
        lines.forEach(line -> column.add(amount.apply(line).cents()));
        return column;
    }
}
