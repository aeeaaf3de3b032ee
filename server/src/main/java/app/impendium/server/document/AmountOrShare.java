package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * An amount, or a share of something that it follows: one of the two.
 *
 * @param cents the amount, in whole cents; absent for a share
 * @param percent the share, in percent; absent for an amount
 */
public record AmountOrShare(
        @Schema(nullable = true) Long cents,
        @Schema(nullable = true) BigDecimal percent) {}
