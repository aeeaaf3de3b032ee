package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;

/**
 * What a loan's payments follow from. Immutable.
 *
 * @param amount the loan amount, from 0.01 to {@link Money#LARGEST}
 * @param rate the rate per payment, with the yearly rate and the conventions it comes from
 * @param payments the number of payments agreed, from 1 to fifty years' worth
 * @param rounding how a computed payment is rounded
 * @param interestOnlyPayments how many payments at the start pay interest alone, from 0 to one fewer than all
 * @param residualBalance what is left to pay with the last payment beyond the payment itself, below the amount
 * @param regular what is paid regularly after any interest-only time
 * @param extras principal paid beside the regular payment
 * @param extraEffect what an extra payment does to the payments after it
 * @param rateChanges other rates from later payments on, in the order of their payments
 */
public record LoanTerms(
        Money amount,
        PeriodicRate rate,
        int payments,
        PaymentRounding rounding,
        int interestOnlyPayments,
        Money residualBalance,
        RegularPayment regular,
        List<ExtraPayment> extras,
        ExtraEffect extraEffect,
        List<RateChange> rateChanges) {

    private static final int MOST_YEARS = 50;
    private static final int MOST_CHANGES = 200;

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public LoanTerms {
        extras = List.copyOf(extras);
        rateChanges = List.copyOf(rateChanges);
        Findings findings = new Findings();
        Money loan = amount;
        findings.field("amount", () -> loan.within(Money.ofCents(1), Money.LARGEST, "amount"));
        inRange(payments, 1, MOST_YEARS * rate.frequency().perYear(), "payments", findings);
        inRange(interestOnlyPayments, 0, payments - 1, "interestOnlyPayments", findings);
        Money residual = residualBalance;
        findings.field(
                "residualBalance", () -> residual.within(Money.ZERO, loan.minus(Money.ofCents(1)), "residualBalance"));
        inRange(extras.size(), 0, MOST_CHANGES, "extras", findings);
        inRange(rateChanges.size(), 0, MOST_CHANGES, "rateChanges", findings);
        for (int i = 0; i < extras.size(); i++) {
            inRange(extras.get(i).first(), 1, payments, "extras[" + i + "]", findings);
        }
        int earliest = 2;
        for (int i = 0; i < rateChanges.size(); i++) {
            inRange(rateChanges.get(i).fromPayment(), earliest, payments, "rateChanges[" + i + "]", findings);
            earliest = rateChanges.get(i).fromPayment() + 1;
        }
        findings.throwIfAny();
    }

    /** A loan at its level payment, repaid in full, without anything further. */
    public static LoanTerms plain(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        return builder(amount, rate, payments, rounding).build();
    }

    /** A loan to which more can be said before it is built. */
    public static Builder builder(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        return new Builder(amount, rate, payments, rounding);
    }

    /** The same loan at another yearly rate, under the same conventions. */
    public LoanTerms withRate(AnnualRate annual) {
        return new LoanTerms(
                amount,
                rate.withAnnual(annual),
                payments,
                rounding,
                interestOnlyPayments,
                residualBalance,
                regular,
                extras,
                extraEffect,
                rateChanges);
    }

    /** The same loan without extra payments: what thresholds of mortgage insurance are reckoned on. */
    public LoanTerms withoutExtras() {
        return new LoanTerms(
                amount,
                rate,
                payments,
                rounding,
                interestOnlyPayments,
                residualBalance,
                regular,
                List.of(),
                ExtraEffect.END_EARLY,
                rateChanges);
    }

    /** Gathers what is said of a loan; what is not said is as for a plain one. */
    public static final class Builder {
        private final Money amount;
        private final PeriodicRate rate;
        private final int payments;
        private final PaymentRounding rounding;
        private int interestOnlyPayments;
        private Money residualBalance = Money.ZERO;
        private RegularPayment regular = new RegularPayment.Level();
        private List<ExtraPayment> extras = List.of();
        private ExtraEffect extraEffect = ExtraEffect.END_EARLY;
        private List<RateChange> rateChanges = List.of();

        private Builder(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
            this.amount = amount;
            this.rate = rate;
            this.payments = payments;
            this.rounding = rounding;
        }

        public Builder interestOnly(int leadingPayments) {
            interestOnlyPayments = leadingPayments;
            return this;
        }

        public Builder residual(Money balance) {
            residualBalance = balance;
            return this;
        }

        public Builder regular(RegularPayment payment) {
            regular = payment;
            return this;
        }

        public Builder extras(List<ExtraPayment> payments, ExtraEffect effect) {
            extras = payments;
            extraEffect = effect;
            return this;
        }

        public Builder rateChanges(List<RateChange> changes) {
            rateChanges = changes;
            return this;
        }

        /**
         * @throws CaseException if figures lie outside their ranges, with all findings
         */
        public LoanTerms build() {
            return new LoanTerms(
                    amount,
                    rate,
                    payments,
                    rounding,
                    interestOnlyPayments,
                    residualBalance,
                    regular,
                    extras,
                    extraEffect,
                    rateChanges);
        }
    }

    private static void inRange(int value, int least, int most, String field, Findings findings) {
        if (value < least || value > most) {
            String allowed = least + " to " + most;
            findings.add(new Finding(
                    field, String.valueOf(value), allowed, value + " is not allowed here, only " + allowed + "."));
        }
    }
}
