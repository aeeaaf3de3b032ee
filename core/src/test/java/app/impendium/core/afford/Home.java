package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.util.Optional;

/** A loan of which only these figures are known. */
record Home(Money housing, Money testedHousing, Money loan, Optional<Money> value, Money moneyLeft)
        implements Proposal {
    Home(Money housing) {
        this(housing, housing, Money.ZERO, Optional.empty(), Money.ZERO);
    }

    @Override
    public Money base() {
        return loan;
    }
}
