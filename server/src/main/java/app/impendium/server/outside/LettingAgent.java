package app.impendium.server.outside;

import app.impendium.server.document.Convention.LettingBasis;

/** Whoever knows what homes are let for. The same for the same question. */
public interface LettingAgent {

    /**
     * The rent of a month by area, size and how the home is let; the estimate tells radius and number of lettings.
     *
     * @throws OutsideException if there is no answer
     */
    Estimate monthlyRent(AskedHome home, LettingBasis basis);
}
