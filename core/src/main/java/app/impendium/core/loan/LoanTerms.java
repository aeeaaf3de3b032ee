package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;

/**
 * What a loan's payments follow from. Immutable.
 *
 * @param amount the loan amount, from 0.01 to {@link Money#LARGEST}
 * @param rate the nominal yearly rate
 * @param compounding how often the rate compounds
 * @param frequency how often the loan is paid
 * @param payments the number of payments agreed, from 1 to fifty years' worth
 * @param rounding how the payment is rounded
 * @param interestOnlyPayments how many payments at the start pay interest alone, from 0 to one fewer than all
 * @param residualBalance what is left to pay with the last payment beyond the payment itself, below the amount
 */
public record LoanTerms(
        Money amount,
        AnnualRate rate,
        Compounding compounding,
        PaymentFrequency frequency,
        int payments,
        PaymentRounding rounding,
        int interestOnlyPayments,
        Money residualBalance) {

    private static final int MOST_YEARS = 50;

    /**
     * @throws CaseException if a figure lies outside its range, or an accelerated loan does not run over whole months
     */
    public LoanTerms {
        amount.within(Money.ofCents(1), Money.LARGEST, "amount");
        int mostPayments = MOST_YEARS * frequency.perYear();
        inRange(payments, 1, mostPayments, "payments");
        inRange(interestOnlyPayments, 0, payments - 1, "interestOnlyPayments");
        residualBalance.within(Money.ZERO, amount.minus(Money.ofCents(1)), "residualBalance");
        if (frequency.isAccelerated() && (payments - interestOnlyPayments) * 12 % frequency.perYear() != 0) {
            throw CaseException.of(
                    "payments",
                    payments + " payments",
                    "a number of payments that makes whole months, for an accelerated payment is a share of a monthly one");
        }
    }

    /** A loan without interest-only time that is repaid in full. */
    public static LoanTerms plain(
            Money amount,
            AnnualRate rate,
            Compounding compounding,
            PaymentFrequency frequency,
            int payments,
            PaymentRounding rounding) {
        return new LoanTerms(amount, rate, compounding, frequency, payments, rounding, 0, Money.ZERO);
    }

    /** The rate per payment. */
    public PeriodicRate periodicRate() {
        return PeriodicRate.of(rate, compounding, frequency);
    }

    private static void inRange(int value, int least, int most, String field) {
        if (value < least || value > most) {
            throw CaseException.of(field, String.valueOf(value), least + " to " + most);
        }
    }
}
