package app.impendium.server.evaluation;

import app.impendium.core.LoanFigures;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.Financing;
import app.impendium.core.loan.Schedule;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * The figures of one option that options are compared by; amounts in whole cents, rates in percent. What only the option's own
 * view shows is left out: some of it takes longer than the whole comparison.
 *
 * @param loanCents what is borrowed, a financed premium included
 * @param baseLoanCents what is borrowed before a financed premium is added
 * @param downPercent down payment in percent of the price; absent where nothing is bought
 * @param loanToValuePercent the loan in percent of the value; absent where no value is known
 * @param paymentCents the regular payment
 * @param housingCost the first month, by parts
 * @param rateEnd the end of the fixed-rate period, where it comes before the loan's
 * @param annualPercentageRate the annual rate of the whole cost, by the market's law; absent where there is none
 */
public record ComparedFiguresView(
        long loanCents,
        long baseLoanCents,
        @Schema(nullable = true) BigDecimal downPercent,
        @Schema(nullable = true) BigDecimal loanToValuePercent,
        long paymentCents,
        LocalDate firstPaymentDate,
        LocalDate payoffDate,
        long totalInterestCents,
        long totalPaidCents,
        HousingCostView housingCost,
        CashToCloseView cashToClose,
        @Schema(nullable = true) RateEndView rateEnd,
        @Schema(nullable = true) BigDecimal annualPercentageRate) {

    static ComparedFiguresView of(OptionEvaluation figures) {
        LoanFigures loan = figures.loan();
        Schedule schedule = loan.schedule();
        Financing financing = figures.option().financing();
        return new ComparedFiguresView(
                loan.amount().cents(),
                loan.base().cents(),
                financing.percentDown().map(OptionView::digits).orElse(null),
                financing.loanToValuePercent().map(OptionView::digits).orElse(null),
                schedule.payment().cents(),
                loan.dates().first(),
                loan.payoffDate(),
                schedule.whole().interest().cents(),
                schedule.whole().paid().cents(),
                HousingCostView.of(figures.monthlyCost().first()),
                CashToCloseView.of(figures.cashToClose()),
                loan.rateEnd().map(RateEndView::of).orElse(null),
                figures.disclosure().creditCostRate().map(OptionView::digits).orElse(null));
    }
}
