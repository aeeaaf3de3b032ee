package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionEvaluation.PurchaseFigures;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.loan.ScheduleYear;
import app.impendium.core.money.Money;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The figures of one option; amounts in whole cents, rates in percent with up to twelve decimals.
 *
 * @param loanCents what is borrowed, a financed premium included
 * @param baseLoanCents what is borrowed before a financed premium is added
 * @param downCents money down as an amount; absent for a loan alone
 * @param downPercent money down in percent of the price; absent for a loan alone
 * @param loanToValuePercent the loan in percent of the value; absent for a loan alone
 * @param paymentCents the regular payment
 * @param payments how many payments there are
 * @param paymentsPerYear how many of them a full year has
 * @param firstPaymentDate when the first payment falls due
 * @param lastPaymentCents the payment that clears the loan
 * @param housingCost the first month, by parts
 * @param housingPeriods what a month costs, from each change to the next
 * @param toLenderCents the part of the first month's cost that goes to the lender
 * @param insurance mortgage insurance, where it is due
 * @param buydown a temporary buydown, where one is agreed
 * @param rateEnd the end of the rate's term, where it comes before the loan's
 * @param annualPercentageRate the yearly rate of the whole cost, by the law of the case's market; absent where the charges
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
        HousingCostView housingCost,
        List<HousingPeriodView> housingPeriods,
        long toLenderCents,
        @Schema(nullable = true) InsuranceView insurance,
        @Schema(nullable = true) BuydownView buydown,
        @Schema(nullable = true) RateEndView rateEnd,
        CashToCloseView cashToClose,
        @Schema(nullable = true) BigDecimal annualPercentageRate,
        FiveYearsView fiveYears,
        BigDecimal totalInterestPercentage,
        List<YearView> years,
        List<FeatureNoteView> notes) {
    private static final int DECIMALS = 12;

    static OptionView of(OptionEvaluation figures) {
        Optional<PurchaseFigures> purchase = figures.purchase();
        return new OptionView(
                figures.loanAmount().cents(),
                figures.baseLoan().cents(),
                purchase.map(PurchaseFigures::moneyDown).map(Money::cents).orElse(null),
                purchase.map(PurchaseFigures::percentDown)
                        .map(OptionView::digits)
                        .orElse(null),
                purchase.map(PurchaseFigures::loanToValuePercent)
                        .map(OptionView::digits)
                        .orElse(null),
                figures.schedule().payment().cents(),
                figures.schedule().payments(),
                figures.dates().frequency().perYear(),
                figures.dates().first(),
                figures.schedule().whole().interest().cents(),
                figures.schedule().whole().paid().cents(),
                figures.schedule().lastPayment().cents(),
                figures.payoffDate(),
                digits(figures.periodicRatePercent()),
                digits(figures.effectiveRatePercent()),
                HousingCostView.of(figures.housingCost()),
                figures.housingPeriods().stream()
                        .map(period -> HousingPeriodView.of(period, figures))
                        .toList(),
                figures.firstMonthToLender().cents(),
                figures.mortgageInsurance()
                        .map(insurance -> InsuranceView.of(insurance, figures))
                        .orElse(null),
                figures.buydown().map(BuydownView::of).orElse(null),
                figures.rateEnd().map(RateEndView::of).orElse(null),
                CashToCloseView.of(figures.cashToClose()),
                figures.creditCostRate().map(OptionView::digits).orElse(null),
                FiveYearsView.of(figures.fiveYears()),
                digits(figures.totalInterestPercentage()),
                ScheduleYear.of(figures.schedule(), figures.dates()).stream()
                        .map(YearView::of)
                        .toList(),
                figures.notes().stream()
                        .map(note -> FeatureNoteView.of(note, figures.dates()))
                        .toList());
    }

    /**
     * What a month costs from a payment on.
     *
     * @param fromPayment the first payment at this cost, counted from 1
     * @param from when it falls due
     */
    public record HousingPeriodView(int fromPayment, LocalDate from, HousingCostView cost) {
        static HousingPeriodView of(HousingPeriod period, OptionEvaluation figures) {
            return new HousingPeriodView(
                    period.fromPayment(), figures.dates().of(period.fromPayment()), HousingCostView.of(period.cost()));
        }
    }

    private static BigDecimal digits(BigDecimal figure) {
        return figure.setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    }
}
