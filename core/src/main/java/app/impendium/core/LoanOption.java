package app.impendium.core;

import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One way of financing the home: all that its figures follow from. Immutable.
 *
 * @param rate the rate per payment, with the annual rate and the conventions it comes from
 * @param amortization how long the payments are computed to run
 * @param features of which interest alone may be paid for the whole term
 * @param rateTerm how long the rate is agreed for, where it ends before the loan does
 * @param creditCostRate the annual rate at which the whole cost is stated, by the law of the case's market
 */
public record LoanOption(
        Financing financing,
        PeriodicRate rate,
        PaymentRounding rounding,
        LoanTerm amortization,
        Optional<LoanTerm> rateTerm,
        LocalDate firstPayment,
        LoanFeatures features,
        Closing closing,
        HousingTerms housing,
        CreditCostRate creditCostRate) {
    private static final int MONTHS_PER_YEAR = 12;

    public LoanOption {
        features = features.repayingAtTheEnd(
                amortization.months() * rate.frequency().perYear() / MONTHS_PER_YEAR);
    }

    /**
     * The terms of the loan. A financed premium is part of its amount.
     *
     * @throws CaseException if the term is not a whole number of payments, a feature does not fit, or the premium makes the
     *     loan larger than any
     */
    public LoanTerms loanTerms() {
        return new LoanTerms(amount(), rate, amortization.payments(frequency()), rounding, features);
    }

    private Money amount() {
        Money base = financing.loanAmount();
        Money premium = closing.upfrontPremium().addedToLoan(base);
        Money most = Money.LARGEST.minus(base);
        if (premium.isAbove(most)) {
            throw CaseException.of(
                    Field.UPFRONT_PREMIUM, Code.PREMIUM_TOO_LARGE, premium.toValue(), most.toValue(), base.toValue());
        }
        return base.plus(premium);
    }

    /**
     * When the payments fall due.
     *
     * @throws CaseException if the first date is outside its range, or comes before the closing
     */
    public PaymentDates paymentDates() {
        closing.day().filter(firstPayment::isBefore).ifPresent(day -> {
            throw CaseException.of(
                    Field.FIRST_PAYMENT, Code.BEFORE_CLOSING, new Value.Day(firstPayment), new Value.Day(day));
        });
        return new PaymentDates(firstPayment, frequency());
    }

    /**
     * Whether nothing is agreed beside a plain loan. Where something is, a change of the loan must still leave room for it: an
     * option may then have a payment and yet no figures.
     */
    public boolean isPlain() {
        return closing.buydown().isEmpty() && rateTerm.isEmpty() && loanTerms().isPlain();
    }

    /** How often the loan is paid. */
    public PaymentFrequency frequency() {
        return rate.frequency();
    }

    /** The price of the home, zero where it is not known: what shares of the price are taken of. */
    public Money price() {
        return financing.price().orElse(Money.ZERO);
    }

    /** What is owed beside the home and paid off with it, by the loan or in cash. */
    public List<RunningDebt> debtsPaidOff() {
        List<RunningDebt> byLoan =
                financing.match(purchase -> List.of(), loanOnly -> List.of(), Financing.Refinancing::debts);
        return Stream.concat(byLoan.stream(), closing.debtsPaidOff().stream()).toList();
    }

    /** The same with other money: another price, down payment or loan amount. */
    public LoanOption withFinancing(Financing other) {
        return with(other, rate, amortization, features);
    }

    /** The same at another rate. */
    public LoanOption withRate(AnnualRate other) {
        return with(financing, rate.withAnnual(other), amortization, features);
    }

    /** The same over another amortization. */
    public LoanOption withAmortization(LoanTerm other) {
        return with(financing, rate, other, features);
    }

    /** The same with other features. */
    public LoanOption withFeatures(LoanFeatures other) {
        return with(financing, rate, amortization, other);
    }

    /** The same at the level payment: a payment that was chosen for one loan says nothing of another. */
    public LoanOption atLevelPayment() {
        boolean isLevel = features.regular() instanceof RegularPayment.Level
                && features.steps().isEmpty();
        return isLevel
                ? this
                : withFeatures(features.withRegular(new RegularPayment.Level()).withSteps(List.of()));
    }

    /** The same home at other costs. */
    public LoanOption withHousing(HousingTerms other) {
        return new LoanOption(
                financing,
                rate,
                rounding,
                amortization,
                rateTerm,
                firstPayment,
                features,
                closing,
                other,
                creditCostRate);
    }

    /** The same with another closing. */
    public LoanOption withClosing(Closing other) {
        return new LoanOption(
                financing,
                rate,
                rounding,
                amortization,
                rateTerm,
                firstPayment,
                features,
                other,
                housing,
                creditCostRate);
    }

    private LoanOption with(
            Financing otherFinancing, PeriodicRate otherRate, LoanTerm otherAmortization, LoanFeatures otherFeatures) {
        return new LoanOption(
                otherFinancing,
                otherRate,
                rounding,
                otherAmortization,
                rateTerm,
                firstPayment,
                otherFeatures,
                closing,
                housing,
                creditCostRate);
    }
}
