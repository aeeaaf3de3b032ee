package app.impendium.core;

import app.impendium.core.cost.Buydown;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.MonthlyCost;
import app.impendium.core.cost.Payer;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.Compounding;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;

/**
 * The loan of an option.
 *
 * @param terms what its payments follow from
 * @param base what is borrowed before a financed premium is added
 * @param schedule every payment
 * @param dates when the payments fall due
 * @param rateEnd the end of the fixed-rate period, where it comes before the loan's
 * @param buydown a temporary buydown, where one is agreed
 * @param insured the schedule on which mortgage insurance ends: without extra payments, where any is due
 * @param subsidyOfBuyer what the buyer pays of the buydown's subsidy
 */
public record LoanFigures(
        LoanTerms terms,
        Money base,
        Schedule schedule,
        PaymentDates dates,
        Optional<RateEnd> rateEnd,
        Optional<Buydown> buydown,
        Schedule insured,
        Money subsidyOfBuyer) {

    /**
     * The end of the time for which the rate is agreed.
     *
     * @param afterPayment the last payment at the rate
     * @param day when it falls due
     * @param balance after it, which becomes the next loan
     * @param paymentsLeft how many payments of the amortization are left
     */
    public record RateEnd(int afterPayment, LocalDate day, Money balance, int paymentsLeft) {}

    /**
     * The loan of an option.
     *
     * @throws CaseException if it has no schedule, or its fixed-rate period or buydown does not fit it, with all findings
     */
    static LoanFigures of(LoanOption option) {
        Findings loan = new Findings();
        Optional<LoanTerms> possibleTerms = loan.group("", option::loanTerms);
        Optional<PaymentDates> possibleDates = loan.group("", option::paymentDates);
        loan.throwIfAny();
        LoanTerms terms = possibleTerms.orElseThrow();
        PaymentDates dates = possibleDates.orElseThrow();
        Schedule schedule = Schedule.of(terms);

        Findings further = new Findings();
        Optional<Optional<Buydown>> buydown =
                further.group("", () -> option.closing().buydown().map(agreed -> Buydown.of(terms, schedule, agreed)));
        Optional<Optional<RateEnd>> rateEnd =
                further.field(Field.RATE_TERM, () -> rateEnd(option, terms, schedule, dates));
        further.throwIfAny();
        return new LoanFigures(
                terms,
                option.financing().loanAmount(),
                schedule,
                dates,
                rateEnd.orElseThrow(),
                buydown.orElseThrow(),
                insured(option, terms, schedule),
                subsidyOfBuyer(option, buydown.orElseThrow()));
    }

    private static Schedule insured(LoanOption option, LoanTerms terms, Schedule schedule) {
        boolean isPlain = terms.features().extras().isEmpty();
        // Without its extras a loan may have no schedule: that is refused here, where figures still can be.
        return isPlain || !MonthlyCost.isInsured(option.housing(), option.financing())
                ? schedule
                : Schedule.of(terms.withoutExtras());
    }

    private static Money subsidyOfBuyer(LoanOption option, Optional<Buydown> buydown) {
        Optional<Payer> payer = option.closing().buydown().map(BuydownTerms::payer);
        return payer.equals(Optional.of(Payer.BUYER))
                ? buydown.map(Buydown::subsidy).orElse(Money.ZERO)
                : Money.ZERO;
    }

    private static Optional<RateEnd> rateEnd(
            LoanOption option, LoanTerms terms, Schedule schedule, PaymentDates dates) {
        if (option.rateTerm().isEmpty()) {
            return Optional.empty();
        }
        LoanTerm rateTerm = option.rateTerm().get();
        if (rateTerm.months() > option.amortization().months()) {
            throw CaseException.of(
                    Field.RATE_TERM,
                    Code.LONGER_THAN_TERM,
                    new Value.Months(rateTerm.months()),
                    new Value.Months(option.amortization().months()));
        }
        int last = rateTerm.payments(option.frequency());
        return last >= schedule.payments()
                ? Optional.empty()
                : Optional.of(new RateEnd(last, dates.of(last), schedule.balanceAfter(last), terms.payments() - last));
    }

    /** What is borrowed, a financed premium included. */
    public Money amount() {
        return terms.amount();
    }

    /** The date of the payment that clears the loan. */
    public LocalDate payoffDate() {
        return dates.of(schedule.payments());
    }

    /** How many payments fall into the time for which the rate is agreed: all of them, where that is the whole term. */
    public int paymentsAtRate() {
        return rateEnd.map(RateEnd::afterPayment).orElse(schedule.payments());
    }

    /** What the client pays with a payment, counted from 1: what is due, a buydown's subsidy taken off. */
    public Money paidByClient(int number) {
        Money due = schedule.due(number);
        return buydown.map(reduced -> reduced.paidBy(number, dates.frequency().perYear(), due))
                .orElse(due);
    }

    /** The rate per payment, in percent. */
    public BigDecimal periodicRatePercent() {
        return terms.rate().value().movePointRight(2);
    }

    /** The same rate stated as a nominal yearly one for another compounding, in percent. */
    public BigDecimal restatedPercent(Compounding stated) {
        return terms.rate().nominalPercent(stated);
    }

    /** The effective annual rate, in percent. */
    public BigDecimal effectiveRatePercent() {
        return terms.rate().effectiveYearlyPercent();
    }
}
