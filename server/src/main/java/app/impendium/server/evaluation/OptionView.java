package app.impendium.server.evaluation;

import app.impendium.core.LoanFigures;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.Disclosure;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.MonthlyCost;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;

/**
 * The figures of one option; amounts in whole cents, rates in percent with up to twelve decimals.
 *
 * @param loanCents what is borrowed, a financed premium included
 * @param baseLoanCents what is borrowed before a financed premium is added
 * @param downCents down payment as an amount; absent for a loan alone
 * @param downPercent down payment in percent of the price; absent for a loan alone
 * @param loanToValuePercent the loan in percent of the value; absent for a loan alone
 * @param paymentCents the regular payment
 * @param payments how many payments there are
 * @param paymentsPerYear how many of them a full year has
 * @param firstPaymentDate when the first payment falls due
 * @param lastPaymentCents the payment that clears the loan
 * @param restatedRates the same rate stated for each compounding
 * @param housingCost the first month, by parts
 * @param housingPeriods what a month costs, from each change to the next
 * @param toLenderCents the part of the first month's cost that goes to the lender
 * @param insurance mortgage insurance, where it is due
 * @param buydown a temporary buydown, where one is agreed
 * @param rateEnd the end of the rate's term, where it comes before the loan's
 * @param regularExtras what goes out in a month with regular extra payments, where there are any
 * @param extrasSaving what extra payments save, where there are any
 * @param annualPercentageRate the annual rate of the whole cost, by the law of the case's market; absent where the charges
 *     leave nothing to receive
 * @param totalInterestPercentage total interest in percent of the loan
 * @param years the payments of each calendar year, added up
 * @param notes what features of the option do instead of what they say
 */
public record OptionView(
        long loanCents,
        long baseLoanCents,
        @Schema(nullable = true) Long downCents,
        @Schema(nullable = true) BigDecimal downPercent,
        @Schema(nullable = true) BigDecimal loanToValuePercent,
        long paymentCents,
        int payments,
        int paymentsPerYear,
        LocalDate firstPaymentDate,
        long totalInterestCents,
        long totalPaidCents,
        long lastPaymentCents,
        LocalDate payoffDate,
        BigDecimal periodicRatePercent,
        BigDecimal effectiveRatePercent,
        List<RestatedRateView> restatedRates,
        HousingCostView housingCost,
        List<HousingPeriodView> housingPeriods,
        long toLenderCents,
        @Schema(nullable = true) InsuranceView insurance,
        @Schema(nullable = true) BuydownView buydown,
        @Schema(nullable = true) RateEndView rateEnd,
        @Schema(nullable = true) RegularExtrasView regularExtras,
        @Schema(nullable = true) ExtrasSavingView extrasSaving,
        CashToCloseView cashToClose,
        @Schema(nullable = true) BigDecimal annualPercentageRate,
        FiveYearsView fiveYears,
        BigDecimal totalInterestPercentage,
        List<YearView> years,
        List<FeatureNoteView> notes) {
    private static final int DECIMALS = 12;

    static OptionView of(OptionEvaluation figures) {
        LoanFigures loan = figures.loan();
        Schedule schedule = loan.schedule();
        MonthlyCost monthly = figures.monthlyCost();
        Disclosure disclosure = figures.disclosure();
        Financing financing = figures.option().financing();
        return new OptionView(
                loan.amount().cents(),
                loan.base().cents(),
                financing
                        .percentDown()
                        .map(share -> financing.amountDown().cents())
                        .orElse(null),
                financing.percentDown().map(OptionView::digits).orElse(null),
                financing.loanToValuePercent().map(OptionView::digits).orElse(null),
                schedule.payment().cents(),
                schedule.payments(),
                loan.dates().frequency().perYear(),
                loan.dates().first(),
                schedule.whole().interest().cents(),
                schedule.whole().paid().cents(),
                schedule.lastPayment().cents(),
                loan.payoffDate(),
                digits(loan.periodicRatePercent()),
                digits(loan.effectiveRatePercent()),
                RestatedRateView.all(loan),
                HousingCostView.of(monthly.first()),
                monthly.periods().stream()
                        .map(period -> HousingPeriodView.of(period, loan.dates()))
                        .toList(),
                monthly.firstToLender().cents(),
                monthly.insurance()
                        .map(insurance -> InsuranceView.of(insurance, loan))
                        .orElse(null),
                loan.buydown().map(BuydownView::of).orElse(null),
                loan.rateEnd().map(RateEndView::of).orElse(null),
                figures.regularExtras()
                        .map(extras -> RegularExtrasView.of(extras, loan.dates()))
                        .orElse(null),
                figures.extrasSaving().map(ExtrasSavingView::of).orElse(null),
                CashToCloseView.of(figures.cashToClose()),
                disclosure.creditCostRate().map(OptionView::digits).orElse(null),
                FiveYearsView.of(disclosure.fiveYears()),
                digits(disclosure.totalInterestPercentage()),
                figures.years().stream().map(YearView::of).toList(),
                figures.notes().stream()
                        .map(note -> FeatureNoteView.of(note, loan.dates()))
                        .toList());
    }

    /**
     * What a month costs from a payment on.
     *
     * @param fromPayment the first payment at this cost, counted from 1
     * @param from when it falls due
     */
    public record HousingPeriodView(int fromPayment, LocalDate from, HousingCostView cost) {
        static HousingPeriodView of(HousingPeriod period, PaymentDates dates) {
            return new HousingPeriodView(
                    period.fromPayment(), dates.of(period.fromPayment()), HousingCostView.of(period.cost()));
        }
    }

    static BigDecimal digits(BigDecimal figure) {
        return figure.setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    }
}
