package app.impendium.core.rental;

import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;

/** What a programme lends on a let home at a rent. */
public sealed interface Lending {

    /**
     * The most that it lends.
     *
     * @param band by its place in the programme, from 0
     * @param rate with the band's add-on
     * @param loan in whole units of the currency
     * @param binding what keeps it from being more
     */
    record Most(int band, AnnualRate rate, Money loan, Binding binding) implements Lending {}

    /** It does not lend. */
    record Nothing(Reason reason) implements Lending {}

    /** What keeps a loan from being larger. */
    enum Binding {
        /** The rent would cover less than the band asks for. */
        COVER,
        /** The band's share of the value. */
        BAND,
        /** The letting basis's share of the value. */
        BASIS
    }

    /** Why nothing is lent. */
    enum Reason {
        /** The programme does not know the letting basis. */
        BASIS,
        /** The score is below what the basis asks for. */
        SCORE,
        /** The rent covers not even a small loan. */
        COVER,
        /** What the home is worth is not known. */
        VALUE
    }
}
