package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;

/**
 * The money that closing can be paid from. Immutable.
 *
 * @param atHand what the clients have, from 0.00
 * @param gifts what they are given, from 0.00
 * @param mustStay what they want to keep back, from 0.00
 */
public record Funds(Money atHand, Money gifts, Money mustStay) {
    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public Funds {
        Findings findings = new Findings();
        check(findings, atHand, Field.MONEY_AT_HAND);
        check(findings, gifts, Field.GIFTS);
        check(findings, mustStay, Field.MUST_STAY);
        findings.throwIfAny();
    }

    /** What closing may take: all but what must stay; negative where they have less than that. */
    public Money free() {
        return atHand.plus(gifts).minus(mustStay);
    }

    /** What is left of it after closing; negative where it does not suffice. */
    public Money leftAfter(Money cashToClose) {
        return atHand.plus(gifts).minus(cashToClose);
    }

    private static void check(Findings findings, Money amount, String path) {
        findings.group("", () -> amount.within(Money.ZERO, Money.LARGEST, path));
    }
}
