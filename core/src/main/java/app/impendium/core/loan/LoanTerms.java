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
 * @param clauses what is said of the loan beyond that
 */
public record LoanTerms(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding, LoanClauses clauses) {

    private static final int MOST_YEARS = 50;
    private static final int MOST_CHANGES = 200;

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public LoanTerms {
        Findings findings = new Findings();
        Money loan = amount;
        findings.field("amount", () -> loan.within(Money.ofCents(1), Money.LARGEST, "amount"));
        inRange(payments, 1, MOST_YEARS * rate.frequency().perYear(), "payments", findings);
        inRange(clauses.interestOnlyPayments(), 0, payments - 1, "interestOnlyPayments", findings);
        Money residual = clauses.residualBalance();
        findings.field(
                "residualBalance", () -> residual.within(Money.ZERO, loan.minus(Money.ofCents(1)), "residualBalance"));
        checkExtras(clauses.extras(), payments, findings);
        checkRateChanges(clauses.rateChanges(), payments, findings);
        findings.throwIfAny();
    }

    /** A loan at its level payment, repaid in full, without anything further. */
    public static LoanTerms plain(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        return new LoanTerms(amount, rate, payments, rounding, LoanClauses.NONE);
    }

    /** The same loan at another yearly rate, under the same conventions. */
    public LoanTerms withRate(AnnualRate annual) {
        return new LoanTerms(amount, rate.withAnnual(annual), payments, rounding, clauses);
    }

    /** The rate under which a payment's interest falls: that of the last change up to it, else the loan's own. */
    public PeriodicRate rateOf(int payment) {
        return clauses.rateChanges().stream()
                .filter(change -> change.fromPayment() <= payment)
                .reduce((earlier, later) -> later)
                .map(change -> rate.withAnnual(change.rate()))
                .orElse(rate);
    }

    /** The same loan without extra payments: what thresholds of mortgage insurance are reckoned on. */
    public LoanTerms withoutExtras() {
        LoanClauses without = clauses.withExtras(List.of(), ExtraEffect.END_EARLY);
        return new LoanTerms(amount, rate, payments, rounding, without);
    }

    /** Whether nothing further is said of the loan: level payments that repay it in full. */
    public boolean isPlain() {
        return clauses.equals(LoanClauses.NONE);
    }

    /** How many payments repay the loan once interest-only time is over. */
    public int repayingPayments() {
        return payments - clauses.interestOnlyPayments();
    }

    private static void checkExtras(List<ExtraPayment> extras, int payments, Findings findings) {
        inRange(extras.size(), 0, MOST_CHANGES, "extras", findings);
        for (int i = 0; i < extras.size(); i++) {
            inRange(extras.get(i).first(), 1, payments, "extras[" + i + "]", findings);
        }
    }

    private static void checkRateChanges(List<RateChange> changes, int payments, Findings findings) {
        inRange(changes.size(), 0, MOST_CHANGES, "rateChanges", findings);
        int earliest = 2;
        for (int i = 0; i < changes.size(); i++) {
            inRange(changes.get(i).fromPayment(), earliest, payments, "rateChanges[" + i + "]", findings);
            earliest = changes.get(i).fromPayment() + 1;
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
