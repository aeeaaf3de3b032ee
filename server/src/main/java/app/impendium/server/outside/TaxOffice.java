package app.impendium.server.outside;

/** Whoever knows what property tax a home pays. The same for the same question. */
public interface TaxOffice {

    /**
     * A year's tax on a home by its area and value.
     *
     * @throws OutsideException if there is no answer
     */
    Estimate yearlyTax(AskedHome home);
}
