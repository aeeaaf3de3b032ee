package app.impendium.server.document;

import app.impendium.server.document.Convention.Dwelling;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What estimates from outside ask about the home. What is absent is not known.
 *
 * @param area its postal area, at most 12 characters
 * @param dwelling what kind of home it is
 * @param bedrooms from 0 to 20
 * @param baths from 0 to 20, in halves
 */
public record HomeDocument(
        @Schema(nullable = true) String area,
        @Schema(nullable = true) Dwelling dwelling,
        @Schema(nullable = true) Integer bedrooms,
        @Schema(nullable = true) BigDecimal baths) {}
