package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/**
 * Another home that the clients own. Immutable.
 *
 * @param rent what it is let for a month, from 0.00
 * @param outgoings its loan, tax, insurance and dues a month, from 0.00
 */
public record OtherProperty(Money rent, Money outgoings) {
    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public OtherProperty {
        Findings findings = new Findings();
        Money let = rent;
        Money out = outgoings;
        findings.group("", () -> let.within(Money.ZERO, Money.LARGEST, Entry.RENT));
        findings.group("", () -> out.within(Money.ZERO, Money.LARGEST, Entry.OUTGOINGS));
        findings.throwIfAny();
    }

    /** What is left a month of the rent's counted share, to the nearest cent: an income, or a debt where it is negative. */
    public Money net(Percent rentCounted) {
        return rentCounted.of(rent).minus(outgoings);
    }
}
