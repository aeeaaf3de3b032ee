package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.Optional;

/**
 * A debt that is paid every month until it is cleared, at a twelfth of its annual rate a month. Immutable.
 *
 * @param id what tells it apart from the other debts of a case
 * @param balance what is owed, from 0.01 to {@link Money#LARGEST}
 * @param payment what is paid every month, from 0.01 to {@link Money#LARGEST}; none where none is reported
 */
public record RunningDebt(String id, Money balance, Optional<Money> payment, AnnualRate rate) {
    private static final int MOST_PAYMENTS = 600;

    /**
     * @throws CaseException if figures lie outside their ranges, or the payment does not cover the interest, with all
     *     findings
     */
    public RunningDebt {
        Findings findings = new Findings();
        Money owed = balance;
        findings.group("", () -> owed.within(Money.ofCents(1), Money.LARGEST, Entry.BALANCE));
        payment.ifPresent(
                monthly -> findings.group("", () -> monthly.within(Money.ofCents(1), Money.LARGEST, Entry.PAYMENT)));
        findings.throwIfAny();
        AnnualRate annual = rate;
        payment.ifPresent(monthly -> findings.field(Entry.PAYMENT, () -> schedule(owed, monthly, annual)));
        findings.throwIfAny();
    }

    /** Every payment until it is cleared, the last one at fifty years; none where no payment is reported. */
    public Optional<Schedule> schedule() {
        return payment.map(monthly -> schedule(balance, monthly, rate));
    }

    private static Schedule schedule(Money balance, Money payment, AnnualRate rate) {
        PeriodicRate monthly = PeriodicRate.of(rate, Compounding.MONTHLY, PaymentFrequency.MONTHLY);
        LoanFeatures chosen = LoanFeatures.NONE.withRegular(new RegularPayment.Custom(payment));
        return Schedule.of(new LoanTerms(balance, monthly, MOST_PAYMENTS, PaymentRounding.NEAREST_CENT, chosen));
    }
}
