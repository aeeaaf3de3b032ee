package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionEvaluation.PurchaseFigures;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.ScheduleYear;
import app.impendium.core.money.Money;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The figures of one option; amounts in whole cents, rates in percent with twelve decimals.
 *
 * @param downCents money down as an amount; absent for a loan alone
 * @param downPercent money down in percent of the price; absent for a loan alone
 * @param loanToValuePercent the loan in percent of the price; absent for a loan alone
 * @param paymentCents the regular payment
 * @param payments how many payments there are
 * @param paymentsPerYear how many of them a full year has
 * @param lastPaymentCents the payment that clears the loan
 * @param insuranceOnRequestFrom the first payment that need not carry mortgage insurance if the client asks
 * @param insuranceEndsFrom the first payment without mortgage insurance in any case
 * @param years the payments of each calendar year, added up
 */
public record OptionView(
        long loanCents,
        @Schema(nullable = true) Long downCents,
        @Schema(nullable = true) BigDecimal downPercent,
        @Schema(nullable = true) BigDecimal loanToValuePercent,
        long paymentCents,
        int payments,
        int paymentsPerYear,
        long totalInterestCents,
        long totalPaidCents,
        long lastPaymentCents,
        LocalDate payoffDate,
        BigDecimal periodicRatePercent,
        BigDecimal effectiveRatePercent,
        HousingCostView housingCost,
        @Schema(nullable = true) LocalDate insuranceOnRequestFrom,
        @Schema(nullable = true) LocalDate insuranceEndsFrom,
        List<YearView> years) {
    private static final int DECIMALS = 12;

    static OptionView of(OptionEvaluation figures) {
        Optional<PurchaseFigures> purchase = figures.purchase();
        Optional<MortgageInsurance> insurance = figures.mortgageInsurance();
        return new OptionView(
                figures.loanAmount().cents(),
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
                figures.schedule().whole().interest().cents(),
                figures.schedule().whole().paid().cents(),
                figures.schedule().lastPayment().cents(),
                figures.payoffDate(),
                digits(figures.periodicRatePercent()),
                digits(figures.effectiveRatePercent()),
                HousingCostView.of(figures.housingCost()),
                insurance
                        .map(MortgageInsurance::firstPaymentWithoutOnRequest)
                        .map(figures.dates()::of)
                        .orElse(null),
                insurance
                        .map(MortgageInsurance::firstPaymentWithout)
                        .map(figures.dates()::of)
                        .orElse(null),
                ScheduleYear.of(figures.schedule(), figures.dates()).stream()
                        .map(YearView::of)
                        .toList());
    }

    private static BigDecimal digits(BigDecimal figure) {
        return figure.setScale(DECIMALS, RoundingMode.HALF_UP).stripTrailingZeros();
    }
}
