package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.Milestone;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.HomeValue;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.Proof;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.YearlyChange;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

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
        ProofView proof) {

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
    public record ProofView(
            long closingBalanceCents,
            long principalCents,
            long borrowedCents,
            @Schema(nullable = true) Integer formulaAfterPayment,
            @Schema(nullable = true) BigDecimal formulaBalance,
            @Schema(nullable = true) Long scheduleBalanceCents) {
        private static final int DECIMALS = 4;

        static ProofView of(Proof proof) {
            Optional<Proof.ByFormula> formula = proof.formula();
            return new ProofView(
                    proof.closingBalance().cents(),
                    proof.principalRepaid().cents(),
                    proof.borrowed().cents(),
                    formula.map(Proof.ByFormula::afterPayment).orElse(null),
                    formula.map(Proof.ByFormula::formulaCents)
                            .map(cents -> cents.movePointLeft(2).setScale(DECIMALS, RoundingMode.HALF_UP))
                            .orElse(null),
                    formula.map(Proof.ByFormula::schedule).map(Money::cents).orElse(null));
        }
    }

    static ScheduleView of(LoanOption option, OptionEvaluation figures, YearlyChange valueChange) {
        Schedule schedule = figures.schedule();
        List<Instalment> lines = IntStream.rangeClosed(0, schedule.payments())
                .mapToObj(schedule::line)
                .toList();
        return new ScheduleView(
                IntStream.rangeClosed(1, schedule.payments())
                        .mapToObj(figures.dates()::of)
                        .toList(),
                column(lines, Instalment::payment),
                column(lines, Instalment::interest),
                column(lines, Instalment::principal),
                column(lines, Instalment::extra),
                column(lines, line -> insurance(figures, line.number())),
                column(lines, Instalment::balance),
                option.financing()
                        .value()
                        .map(value ->
                                HomeValue.through(value, valueChange, option.frequency(), schedule.payments()).stream()
                                        .map(Money::cents)
                                        .toList())
                        .orElse(null),
                Milestone.of(option, figures),
                ProofView.of(Proof.of(figures.terms(), schedule)));
    }

    private static List<Long> column(List<Instalment> lines, Function<Instalment, Money> amount) {
        return lines.stream().map(amount).map(Money::cents).toList();
    }

    private static Money insurance(OptionEvaluation figures, int payment) {
        Optional<MortgageInsurance> due = payment == 0 ? Optional.empty() : figures.mortgageInsurance();
        return due.map(insurance -> insurance.with(payment)).orElse(Money.ZERO);
    }
}
