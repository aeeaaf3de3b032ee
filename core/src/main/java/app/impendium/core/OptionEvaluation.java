package app.impendium.core;

import app.impendium.core.cost.Buydown;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.FiveYears;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.LoanCharges;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The figures of one option.
 *
 * @param terms the loan that is worked out
 * @param baseLoan what is borrowed before a financed premium is added
 * @param purchase how the loan relates to the price, where a price is given
 * @param schedule every payment
 * @param dates when the payments fall due
 * @param housingPeriods what a month costs, from each change to the next; the first from payment 1
 * @param firstMonthToLender the part of the first month's cost that goes to the lender
 * @param mortgageInsurance the insurance, where it is due
 * @param buydown a temporary buydown, where one is agreed
 * @param cashToClose what the client brings to closing
 * @param charges what is charged for having the loan
 * @param creditCostRate the yearly rate of the whole cost by the law of the case's market, in percent; none where the
 *     charges leave nothing to receive
 * @param fiveYears what the loan comes to in sixty months
 * @param totalInterestPercentage total interest, with prepaid interest, in percent of the loan
 * @param rateEnd the end of the rate's term, where it comes before the loan's
 * @param notes what features of the option do instead of what they say
 */
public record OptionEvaluation(
        LoanTerms terms,
        Money baseLoan,
        Optional<PurchaseFigures> purchase,
        Schedule schedule,
        PaymentDates dates,
        List<HousingPeriod> housingPeriods,
        Money firstMonthToLender,
        Optional<MortgageInsurance> mortgageInsurance,
        Optional<Buydown> buydown,
        CashToClose cashToClose,
        LoanCharges charges,
        Optional<BigDecimal> creditCostRate,
        FiveYears fiveYears,
        BigDecimal totalInterestPercentage,
        Optional<RateEnd> rateEnd,
        List<FeatureNote> notes) {

    public OptionEvaluation {
        housingPeriods = List.copyOf(housingPeriods);
        notes = List.copyOf(notes);
    }

    /**
     * What follows from price and money down.
     *
     * @param moneyDown the amount
     * @param percentDown the same in percent of the price
     * @param loanToValuePercent the loan in percent of the value
     */
    public record PurchaseFigures(Money moneyDown, BigDecimal percentDown, BigDecimal loanToValuePercent) {}

    /**
     * The end of the time for which the rate is agreed.
     *
     * @param afterPayment the last payment at the rate
     * @param day when it falls due
     * @param balance what is then owed, and becomes the next loan
     * @param paymentsLeft how many payments of the amortization are left
     */
    public record RateEnd(int afterPayment, LocalDate day, Money balance, int paymentsLeft) {}

    /** What is borrowed, a financed premium included. */
    public Money loanAmount() {
        return terms.amount();
    }

    /** What the home costs in the first month, by parts. */
    public HousingCost housingCost() {
        return housingPeriods.get(0).cost();
    }

    /** The rate per payment, in percent. */
    public BigDecimal periodicRatePercent() {
        return terms.rate().value().movePointRight(2);
    }

    /** The effective yearly rate, in percent. */
    public BigDecimal effectiveRatePercent() {
        return terms.rate().effectiveYearlyPercent();
    }

    /** The date of the payment that clears the loan. */
    public LocalDate payoffDate() {
        return dates.of(schedule.payments());
    }
}
