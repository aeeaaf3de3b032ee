package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * What a loan's payments follow from. Immutable.
 *
 * @param amount the loan amount, from 0.01 to {@link Money#LARGEST}
 * @param rate the rate per payment, with the annual rate and the conventions it comes from
 * @param payments the number of payments agreed, from 1 to fifty years' worth
 * @param rounding how a computed payment is rounded
 * @param features what is said of the loan beyond that
 */
public record LoanTerms(
        Money amount, PeriodicRate rate, int payments, PaymentRounding rounding, LoanFeatures features) {

    private static final int MOST_YEARS = 50;
    private static final int MOST_CHANGES = 200;

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public LoanTerms {
        Findings findings = new Findings();
        Money loan = amount;
        findings.group("", () -> loan.within(Money.ofCents(1), Money.LARGEST, Field.LOAN));
        findings.inRange(
                Field.AMORTIZATION,
                payments,
                1,
                (long) MOST_YEARS * rate.frequency().perYear());
        findings.inRange(Field.INTEREST_ONLY, features.interestOnlyPayments(), 0, payments);
        Money balloon = features.balloon();
        findings.group("", () -> balloon.within(Money.ZERO, loan.minus(Money.ofCents(1)), Field.BALLOON));
        checkExtras(features.extras(), payments, findings);
        checkSteps(features, payments, findings);
        checkRateChanges(features.rateChanges(), payments, findings);
        findings.throwIfAny();
        features = features.repayingAtTheEnd(payments);
        checkConventions(rate, features.rateChanges());
    }

    /** A loan at its level payment, repaid in full, without anything further. */
    public static LoanTerms plain(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        return new LoanTerms(amount, rate, payments, rounding, LoanFeatures.NONE);
    }

    /** The same loan at another annual rate, under the same conventions. */
    public LoanTerms withRate(AnnualRate annual) {
        return new LoanTerms(amount, rate.withAnnual(annual), payments, rounding, features);
    }

    /** The rate under which a payment's interest falls: that of the last change up to it, else the loan's own. */
    public PeriodicRate rateOf(int payment) {
        PeriodicRate agreed = rate;
        for (RateChange change : features.rateChanges()) {
            agreed = change.fromPayment() <= payment ? change.rate() : agreed;
        }
        return agreed;
    }

    /** The same loan without extra payments: what thresholds of mortgage insurance are computed on. */
    public LoanTerms withoutExtras() {
        LoanFeatures without = features.withExtras(List.of(), ExtraEffect.END_EARLY);
        return new LoanTerms(amount, rate, payments, rounding, without);
    }

    /** Whether nothing further is said of the loan: level payments that repay it in full. */
    public boolean isPlain() {
        return features.equals(LoanFeatures.NONE);
    }

    /** How many payments repay the loan once interest-only time is over. */
    public int repayingPayments() {
        return payments - features.interestOnlyPayments();
    }

    private static void checkExtras(List<ExtraPayment> extras, int payments, Findings findings) {
        findings.inRange(Field.EXTRAS, extras.size(), 0, MOST_CHANGES);
        for (int i = 0; i < extras.size(); i++) {
            findings.inRange(Field.entry(Field.EXTRAS, i), extras.get(i).first(), 1, payments);
        }
    }

    private static void checkSteps(LoanFeatures features, int payments, Findings findings) {
        int earliest = Math.max(2, features.interestOnlyPayments() + 1);
        checkOrder(features.steps(), PaymentStep::fromPayment, earliest, payments, Field.PAYMENT_STEPS, findings);
    }

    private static void checkRateChanges(List<RateChange> changes, int payments, Findings findings) {
        checkOrder(changes, RateChange::fromPayment, 2, payments, Field.RATE_CHANGES, findings);
    }

    /** A change of rate is no change of how it compounds or how often the loan is paid. */
    private static void checkConventions(PeriodicRate rate, List<RateChange> changes) {
        for (RateChange change : changes) {
            if (!rate.hasConventionsOf(change.rate())) {
                throw new IllegalArgumentException("a rate change must keep the conventions of " + rate);
            }
        }
    }

    private static <T> void checkOrder(
            List<T> changes, ToIntFunction<T> fromPayment, int first, int payments, String list, Findings findings) {
        findings.inRange(list, changes.size(), 0, MOST_CHANGES);
        int earliest = first;
        for (int i = 0; i < changes.size(); i++) {
            int from = fromPayment.applyAsInt(changes.get(i));
            findings.inRange(Field.entry(list, i), from, earliest, payments);
            earliest = from + 1;
        }
    }
}
