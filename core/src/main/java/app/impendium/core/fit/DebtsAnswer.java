package app.impendium.core.fit;

import app.impendium.core.money.Money;
import java.util.List;

/** What paying off debts at closing can do to make a loan fit. */
public sealed interface DebtsAnswer {

    /**
     * Without these debts the loan fits.
     *
     * @param places of the debts in the household, from 0, in order
     * @param monthly what they no longer count a month
     * @param cash what paying them off takes
     */
    record Found(List<Integer> places, Money monthly, Money cash) implements DebtsAnswer {
        public Found {
            places = List.copyOf(places);
        }
    }

    /** Paying off all of them would not do. */
    record None() implements DebtsAnswer {}
}
