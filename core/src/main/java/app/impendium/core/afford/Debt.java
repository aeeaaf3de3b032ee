package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import java.util.Optional;

/**
 * What is owed or paid every month beside the home. Immutable.
 *
 * @param id what tells it apart from the other debts of a case
 * @param payment what is paid a month, from 0.01, where one is reported
 * @param balance what is owed, from 0.00; zero for support, which has none, and where nothing is known yet
 * @param paymentsLeft how many payments are left, from 1 to 600, where that is known
 */
public record Debt(String id, Optional<Money> payment, Money balance, Optional<Integer> paymentsLeft, Kind kind) {
    private static final int MOST_PAYMENTS = 600;

    /** What a debt is to a lender. */
    public enum Kind {
        /** A loan, a card or support ordered by a court: it ends with its last payment. */
        ENDING,
        /** A lease: when it ends another takes its place, so it counts to its last payment. */
        LASTING,
        /** A bill for utilities, a phone or insurance: no debt to a lender at all. */
        BILL
    }

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public Debt {
        Findings findings = new Findings();
        payment.ifPresent(
                monthly -> findings.group("", () -> monthly.within(Money.ofCents(1), Money.LARGEST, Entry.PAYMENT)));
        Money owed = balance;
        findings.group("", () -> owed.within(Money.ZERO, Money.LARGEST, Entry.BALANCE));
        paymentsLeft.ifPresent(left -> findings.inRange(Entry.PAYMENTS_LEFT, left, 1, MOST_PAYMENTS));
        findings.throwIfAny();
    }

    /** Whether it is a debt to a lender at all. */
    public boolean counts() {
        return kind != Kind.BILL;
    }
}
