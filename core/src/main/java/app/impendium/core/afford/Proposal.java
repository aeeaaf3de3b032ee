package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.util.Optional;

/** A loan that is asked for, as a lender looks at it. What it takes to tell is computed when it is asked for. */
public interface Proposal {
    /** What the home costs a month at the loan's own rate. */
    Money housing();

    /** The same at the rate at which the limit set tests it. */
    Money testedHousing();

    /** What is owed at the start, a financed premium included. */
    Money loan();

    /** What is borrowed before a financed premium is added: what is measured against the value. */
    Money base();

    /** What the home is worth to a lender, where that is known. */
    Optional<Money> value();

    /** The money left after closing; negative where it does not suffice. */
    Money moneyLeft();
}
