package app.impendium.core;

import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;

/**
 * The figures of one option.
 *
 * @param loanAmount what is borrowed
 * @param purchase how it relates to the price, where a price is given
 * @param schedule every payment
 * @param dates when the payments fall due
 * @param periodicRatePercent the rate per payment, in percent
 * @param effectiveRatePercent the effective yearly rate, in percent
 * @param housingCost the first month, by parts
 * @param mortgageInsurance the insurance, where it is due
 */
public record OptionEvaluation(
        Money loanAmount,
        Optional<PurchaseFigures> purchase,
        Schedule schedule,
        PaymentDates dates,
        BigDecimal periodicRatePercent,
        BigDecimal effectiveRatePercent,
        HousingCost housingCost,
        Optional<MortgageInsurance> mortgageInsurance) {

    /**
     * What follows from price and money down.
     *
     * @param moneyDown the amount
     * @param percentDown the same in percent of the price
     * @param loanToValuePercent the loan in percent of the price
     */
    public record PurchaseFigures(Money moneyDown, BigDecimal percentDown, BigDecimal loanToValuePercent) {}

    /** The date of the payment that clears the loan. */
    public LocalDate payoffDate() {
        return dates.of(schedule.payments());
    }
}
