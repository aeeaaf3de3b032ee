package app.impendium.server.outside;

import app.impendium.server.document.Convention.Dwelling;
import app.impendium.server.document.Market;
import java.math.BigDecimal;
import java.util.OptionalLong;

/**
 * The home that an estimate is asked for.
 *
 * @param area its postal area, from 1 to 12 characters
 * @param bedrooms from 0 to 20
 * @param baths from 0 to 20, in halves
 * @param valueCents what it is worth, where that is known
 */
public record AskedHome(
        Market market, String area, Dwelling dwelling, int bedrooms, BigDecimal baths, OptionalLong valueCents) {}
