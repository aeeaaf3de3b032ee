package app.impendium.core;

import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.time.LocalDate;
import java.util.Optional;

/**
 * One way of financing the home: all that its figures follow from. Immutable.
 *
 * @param term how long the loan is reckoned to run: its amortization
 * @param rateTerm how long the rate is agreed for, where it ends before the loan does
 * @param creditCostRate the yearly rate at which the whole cost is stated, by the law of the case's market
 */
public record LoanOption(
        Financing financing,
        AnnualRate rate,
        Compounding compounding,
        PaymentFrequency frequency,
        PaymentRounding rounding,
        LoanTerm term,
        Optional<LoanTerm> rateTerm,
        LocalDate firstPayment,
        LoanClauses clauses,
        Closing closing,
        HousingTerms housing,
        CreditCostRate creditCostRate) {

    /**
     * The terms of the loan. A financed premium is part of its amount.
     *
     * @throws CaseException if the term is not a whole number of payments, a clause does not fit, or the premium makes the
     *     loan larger than any
     */
    public LoanTerms loanTerms() {
        return new LoanTerms(
                amount(), PeriodicRate.of(rate, compounding, frequency), term.payments(frequency), rounding, clauses);
    }

    private Money amount() {
        Money base = financing.loanAmount();
        Money premium = closing.upfrontPremium().addedToLoan(base);
        Money most = Money.LARGEST.minus(base);
        if (premium.isAbove(most)) {
            throw CaseException.of(
                    "upfrontPremium",
                    premium.toString(),
                    "a premium of at most " + most,
                    "The premium of " + premium + " would make the loan larger than " + Money.LARGEST + ": at most "
                            + most + " can be added to a loan of " + base + ".");
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
                    "firstPayment",
                    firstPayment.toString(),
                    day + " or later",
                    "The first payment on " + firstPayment + " would come before the closing on " + day + ".");
        });
        return new PaymentDates(firstPayment, frequency);
    }

    /** The price of the home, zero where it is not known: what shares of the price are reckoned on. */
    public Money price() {
        return financing.price().orElse(Money.ZERO);
    }

    /** The same with other money: another price, money down or loan amount. */
    public LoanOption withFinancing(Financing other) {
        return with(other, rate, term, clauses);
    }

    /** The same at another rate. */
    public LoanOption withRate(AnnualRate other) {
        return with(financing, other, term, clauses);
    }

    /** The same over another term. */
    public LoanOption withTerm(LoanTerm other) {
        return with(financing, rate, other, clauses);
    }

    /** The same with other clauses. */
    public LoanOption withClauses(LoanClauses other) {
        return with(financing, rate, term, other);
    }

    private LoanOption with(
            Financing otherFinancing, AnnualRate otherRate, LoanTerm otherTerm, LoanClauses otherClauses) {
        return new LoanOption(
                otherFinancing,
                otherRate,
                compounding,
                frequency,
                rounding,
                otherTerm,
                rateTerm,
                firstPayment,
                otherClauses,
                closing,
                housing,
                creditCostRate);
    }
}
