package app.impendium.server.outside;

import java.util.List;

/** Whoever insures homes. The same for the same question. */
public interface HomeInsurer {

    /**
     * A year's premium.
     *
     * @param deductibleCents what the owner bears of a damage
     */
    record Quote(long deductibleCents, Estimate yearlyPremium) {}

    /**
     * Premiums by dwelling, area and value, from the lowest deductible to the highest.
     *
     * @throws OutsideException if there is no answer
     */
    List<Quote> quotes(AskedHome home);
}
