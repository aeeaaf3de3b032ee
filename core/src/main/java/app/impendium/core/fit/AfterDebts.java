package app.impendium.core.fit;

import app.impendium.core.afford.Proposal;
import app.impendium.core.money.Money;
import java.util.Optional;

/**
 * A loan whose borrowers pay off debts in cash beside it.
 *
 * @param cash what that takes
 */
record AfterDebts(Proposal asked, Money cash) implements Proposal {
    @Override
    public Money housing() {
        return asked.housing();
    }

    @Override
    public Money testedHousing() {
        return asked.testedHousing();
    }

    @Override
    public Money loan() {
        return asked.loan();
    }

    @Override
    public Money base() {
        return asked.base();
    }

    @Override
    public Optional<Money> value() {
        return asked.value();
    }

    @Override
    public Money moneyLeft() {
        return asked.moneyLeft().minus(cash);
    }
}
