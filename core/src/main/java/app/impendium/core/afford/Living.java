package app.impendium.core.afford;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a household lives on, as tests of the income left over ask for it. Immutable.
 *
 * @param people how many live in it, from 1 to 20
 * @param region where, by the name that a limit set's table has for it, once that is said
 * @param taxes income tax and contributions a month, from 0.00, once that is said
 * @param upkeep what running the home takes a month, from 0.00, once that is said
 */
public record Living(int people, Optional<String> region, Optional<Money> taxes, Optional<Money> upkeep) {
    private static final int MOST_PEOPLE = 20;

    /** One person, of whom nothing more is known. */
    public static final Living UNKNOWN = new Living(1, Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public Living {
        Findings findings = new Findings();
        findings.inRange(Field.PEOPLE_IN_HOUSEHOLD, people, 1, MOST_PEOPLE);
        taxes.ifPresent(taxed -> findings.group("", () -> taxed.within(Money.ZERO, Money.LARGEST, Field.INCOME_TAX)));
        upkeep.ifPresent(run -> findings.group("", () -> run.within(Money.ZERO, Money.LARGEST, Field.UPKEEP)));
        findings.throwIfAny();
    }

    /** What both take a month; none where nothing is said of either. */
    public Optional<Money> outgoings() {
        return Stream.of(taxes, upkeep).flatMap(Optional::stream).reduce(Money::plus);
    }
}
